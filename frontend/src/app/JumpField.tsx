import Autocomplete from '@mui/material/Autocomplete'
import Box from '@mui/material/Box'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { useNavigate } from 'react-router'
import { yardQuery } from '../api/queries'
import { useUnits } from './settings'

interface Goal {
  label: string
  hint: string
  to: string
}

/** Goes to a vehicle or a position by typing; `/` or Ctrl+K from anywhere. */
export function JumpField() {
  const [units] = useUnits()
  const yard = useQuery(yardQuery(units))
  const navigate = useNavigate()
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName)
      if ((event.key === '/' && !typing) || (event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey))) {
        event.preventDefault()
        input.current?.focus()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  const goals: Goal[] = (yard.data?.vehicles ?? []).flatMap((vehicle) => [
    { label: vehicle.unit, hint: `${vehicle.description}, ${vehicle.yard}`, to: `/vehicles/${vehicle.id}` },
    ...vehicle.plan.tires.map((tire) => ({
      label: `${vehicle.unit} ${tire.position}`,
      hint: `${tire.name}${tire.age ? `, DOT ${tire.age.made}` : ''}`,
      to: `/vehicles/${vehicle.id}?at=${tire.position}`,
    })),
  ])
  return (
    <Autocomplete
      options={goals}
      value={null}
      blurOnSelect
      clearOnBlur
      autoHighlight
      forcePopupIcon={false}
      filterOptions={(all, { inputValue }) => {
        const words = inputValue.toLowerCase().split(/\s+/).filter(Boolean)
        return all
          .filter((goal) => words.every((word) => `${goal.label} ${goal.hint}`.toLowerCase().includes(word)))
          .slice(0, 12)
      }}
      getOptionKey={(goal) => goal.to}
      onChange={(_, goal) => goal && navigate(goal.to)}
      renderOption={({ key, ...props }, goal) => (
        <Box component="li" key={key} {...props} sx={{ gap: 1 }}>
          <strong>{goal.label}</strong>
          <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5 }}>
            {goal.hint}
          </Box>
        </Box>
      )}
      renderInput={(props) => (
        <TextField
          {...props}
          inputRef={input}
          placeholder="Vehicle, position, DOT week   /"
          slotProps={{
            ...props.slotProps,
            htmlInput: { ...props.slotProps.htmlInput, 'aria-label': 'Jump to vehicle, position or DOT week' },
          }}
        />
      )}
      sx={{
        display: { xs: 'none', sm: 'block' },
        width: 260,
        '& .MuiInputBase-root': { background: '#2C343A', color: '#fff', py: '2px !important' },
        '& .MuiOutlinedInput-notchedOutline': { borderColor: '#596168' },
        '& .MuiSvgIcon-root': { color: '#C9CDD0' },
        '& input::placeholder': { color: '#C9CDD0', opacity: 1 },
      }}
    />
  )
}
