import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { yardQuery } from '../api/queries'
import { useUnits } from '../app/settings'

export interface Goal {
  vehicleId: number
  position: string
}

/** A place on a vehicle, found by typing its unit and code. */
export function PositionField(props: {
  value: Goal | undefined
  onChange: (goal: Goal | undefined) => void
  error?: string | undefined
  label?: string
}) {
  const [units] = useUnits()
  const yard = useQuery(yardQuery(units))
  const places = (yard.data?.vehicles ?? []).flatMap((vehicle) =>
    vehicle.plan.tires.map((tire) => ({
      vehicleId: vehicle.id,
      position: tire.position,
      label: `${vehicle.unit} ${tire.position}`,
      name: tire.name,
    })),
  )
  return (
    <Autocomplete
      options={places}
      value={
        places.find((one) => one.vehicleId === props.value?.vehicleId && one.position === props.value?.position) ?? null
      }
      onChange={(_, place) =>
        props.onChange(place ? { vehicleId: place.vehicleId, position: place.position } : undefined)
      }
      getOptionLabel={(place) => place.label}
      renderOption={({ key, ...option }, place) => (
        <li key={key} {...option}>
          <strong>{place.label}</strong>&nbsp;{place.name}
        </li>
      )}
      noOptionsText="No such place on file"
      sx={{ width: { xs: '100%', sm: 300 } }}
      renderInput={(params) => (
        <TextField
          {...params}
          label={props.label ?? 'Vehicle and position'}
          error={props.error !== undefined}
          helperText={props.error}
        />
      )}
    />
  )
}
