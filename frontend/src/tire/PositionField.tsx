import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { fleetQuery } from '../api/queries'
import { say } from './words'

export interface Goal {
  vehicleId: number
  position: string
}

/** A large fleet has twenty thousand places: the list shows the first that fit what is typed. */
const fewest = createFilterOptions<Goal & { label: string; name: string }>({ limit: 60 })

/** A place on a vehicle, found by typing its unit and code. */
export function PositionField(props: {
  value: Goal | undefined
  onChange: (goal: Goal | undefined) => void
  error?: string | undefined
  label?: string
}) {
  const fleet = useQuery(fleetQuery)
  const places = (fleet.data ?? []).flatMap((vehicle) =>
    vehicle.positions.map((tire) => ({
      vehicleId: vehicle.id,
      position: tire.position,
      label: `${vehicle.unit} ${tire.position}`,
      name: tire.name,
    })),
  )
  return (
    <Autocomplete
      options={places}
      filterOptions={fewest}
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
      noOptionsText={say('noSuchPlaceOnFile')}
      sx={{ width: { xs: '100%', sm: 300 } }}
      renderInput={(params) => (
        <TextField
          {...params}
          label={props.label ?? say('vehicleAndPosition')}
          error={props.error !== undefined}
          helperText={props.error}
        />
      )}
    />
  )
}
