import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { modelsQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { say } from './words'

/** A model of the catalog, found by typing any part of its name or sidewall line. */
export function ModelField(props: {
  value: number | undefined
  onChange: (id: number | undefined) => void
  error?: string | undefined
  label?: string
  autoFocus?: boolean
  width?: number | string
}) {
  const [units] = useUnits()
  const models = useQuery(modelsQuery(units))
  const all = models.data ?? []
  return (
    <Autocomplete
      options={all}
      value={all.find((one) => one.id === props.value) ?? null}
      onChange={(_, model) => props.onChange(model?.id)}
      getOptionLabel={(model) => `${model.title} ${model.sidewall}`}
      getOptionKey={(model) => model.id}
      noOptionsText={say('notInTheCatalogAdd')}
      sx={{ width: { xs: '100%', sm: props.width ?? '100%' } }}
      renderInput={(params) => (
        <TextField
          {...params}
          label={props.label ?? say('model')}
          error={props.error !== undefined}
          helperText={props.error}
          autoFocus={props.autoFocus ?? false}
        />
      )}
    />
  )
}
