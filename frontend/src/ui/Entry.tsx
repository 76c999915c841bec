import Autocomplete, { type AutocompleteRenderInputParams, createFilterOptions } from '@mui/material/Autocomplete'
import InputAdornment from '@mui/material/InputAdornment'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { mono } from '../base/theme'
import { say } from './words'

const HALF = 190
const THIRD = 130

/** A field's width: its own on a desk; on a phone short ones stand two or three in a row. */
export const widthOf = (width: number | string = 220) => ({
  xs: typeof width !== 'number' || width > HALF ? '100%' : width > THIRD ? 'calc(50% - 7px)' : 'calc(33.33% - 10px)',
  sm: width,
})

/** One typed entry with its unit, and its message where it is wrong. */
export function Entry(props: {
  label: string
  value: string | undefined
  onChange: (value: string) => void
  error?: string | undefined
  hint?: string | undefined
  unit?: string | undefined
  width?: number | string
  code?: boolean
  type?: string
  autoFocus?: boolean
  multiline?: boolean
  onBlur?: () => void
  /** What a paired gauge may fill in here. */
  gauge?: string | undefined
}) {
  return (
    <TextField
      label={props.label}
      value={props.value ?? ''}
      onChange={(event) => props.onChange(event.target.value)}
      {...(props.onBlur && { onBlur: props.onBlur })}
      error={props.error !== undefined}
      helperText={props.error ?? props.hint}
      type={props.type ?? 'text'}
      autoFocus={props.autoFocus ?? false}
      multiline={props.multiline ?? false}
      sx={{ width: widthOf(props.width) }}
      slotProps={{
        htmlInput: {
          autoComplete: props.type === 'password' ? 'new-password' : 'off',
          inputMode: props.unit ? 'decimal' : 'text',
          ...(props.gauge && { 'data-gauge': props.gauge }),
          ...(props.code && { style: { fontFamily: mono }, autoCapitalize: 'characters', spellCheck: false }),
        },
        ...(/^(date|time|month|datetime-local)$/.test(props.type ?? '') && { inputLabel: { shrink: true } }),
        // A figure that names its unit needs no other beside it.
        input:
          props.unit && !/[a-z·]/i.test(props.value ?? '')
            ? { endAdornment: <InputAdornment position="end">{props.unit}</InputAdornment> }
            : {},
      }}
    />
  )
}

/** So many choices can be read through; of more, one is found by typing. */
const FEW = 60

/** One choice of those given: opened and read where they are few, found by typing where they are many. */
export function Choice<T extends string>(props: {
  label: string
  value: T | undefined
  options: readonly (readonly [T, string])[]
  onChange: (value: T) => void
  error?: string | undefined
  hint?: string | undefined
  width?: number | string
}) {
  if (props.options.length > FEW) return <FoundChoice {...props} />
  // An empty value with words of its own is a choice, not a gap.
  const blankSaysSomething = props.options.some(([value]) => value === '')
  return (
    <TextField
      select
      slotProps={blankSaysSomething ? { select: { displayEmpty: true }, inputLabel: { shrink: true } } : {}}
      label={props.label}
      value={props.value ?? ''}
      onChange={(event) => props.onChange(event.target.value as T)}
      error={props.error !== undefined}
      helperText={props.error ?? props.hint}
      sx={{ width: widthOf(props.width) }}
    >
      {props.options.map(([value, words]) => (
        <MenuItem key={value} value={value}>
          {words}
        </MenuItem>
      ))}
    </TextField>
  )
}

/** The field under a list that opens, with its message where it is wrong. */
const fieldOf =
  (props: { label: string; error?: string | undefined; hint?: string | undefined }) =>
  (params: AutocompleteRenderInputParams) => (
    <TextField
      {...params}
      label={props.label}
      error={props.error !== undefined}
      helperText={props.error ?? props.hint}
    />
  )

function FoundChoice<T extends string>(props: Parameters<typeof Choice<T>>[0]) {
  const [fits] = useState(() => createFilterOptions<readonly [T, string]>({ limit: FEW }))
  return (
    <Autocomplete
      options={props.options as readonly (readonly [T, string])[]}
      filterOptions={fits}
      value={props.options.find(([value]) => value === props.value) ?? null}
      onChange={(_, found) => found && props.onChange(found[0])}
      getOptionKey={([value]) => value}
      getOptionLabel={([, words]) => words}
      noOptionsText={say('noMatches')}
      sx={{ width: widthOf(props.width) }}
      renderInput={fieldOf(props)}
    />
  )
}

/** A name typed or taken from those on file. */
export function NameEntry(props: {
  label: string
  value: string | undefined
  names: string[]
  onChange: (value: string) => void
  error?: string | undefined
  hint?: string | undefined
  width?: number | string
}) {
  return (
    <Autocomplete
      freeSolo
      options={props.names}
      inputValue={props.value ?? ''}
      value={props.value ?? ''}
      onInputChange={(_, value) => props.onChange(value)}
      sx={{ width: widthOf(props.width) }}
      renderInput={fieldOf(props)}
    />
  )
}
