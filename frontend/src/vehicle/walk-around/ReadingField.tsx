import InputAdornment from '@mui/material/InputAdornment'
import TextField from '@mui/material/TextField'
import { color } from '../../base/theme'

/** A figure off a gauge: large, its unit beside it, the decimal keypad on a phone. */
export function ReadingField(props: {
  label: string
  unit: string
  value: string
  error: string | undefined
  focus?: boolean
  /** What a paired gauge may put here. */
  gauge?: 'pressure' | 'outer' | 'center' | 'inner'
  onChange: (value: string) => void
}) {
  return (
    <TextField
      label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value)}
      error={props.error !== undefined}
      helperText={props.error}
      autoFocus={props.focus ?? false}
      fullWidth
      slotProps={{
        inputLabel: { shrink: true },
        htmlInput: {
          inputMode: 'decimal',
          autoComplete: 'off',
          maxLength: 20,
          ...(props.gauge && { 'data-gauge': props.gauge }),
          style: { fontSize: 20, fontWeight: 650, padding: '10px 4px 10px 12px' },
        },
        input: {
          // A figure that names its unit needs no other beside it.
          endAdornment: /[a-z]/i.test(props.value) ? undefined : (
            <InputAdornment position="end">{props.unit}</InputAdornment>
          ),
          sx: { background: color.sheet },
        },
      }}
    />
  )
}
