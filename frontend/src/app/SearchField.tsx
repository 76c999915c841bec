import Autocomplete from '@mui/material/Autocomplete'
import Box from '@mui/material/Box'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { searchQuery } from '../api/queries'
import { goalAddress } from '../api/search'
import { isTyping } from '../base/isTyping'
import { color } from '../base/theme'
import { useMayAs } from '../session/session'
import { holds } from '../ui/typed'
import { COMMANDS } from './commands'
import { say } from './words'

interface Goal {
  label: string
  hint: string
  to: string
}

/** Goes to a vehicle, position, tire, person or command by typing; `/` or Ctrl+K from anywhere. */
export function SearchField() {
  const [text, setText] = useState('')
  const navigate = useNavigate()
  const input = useRef<HTMLInputElement>(null)
  const [hurry, setHurry] = useState<string | null>(null)
  const may = useMayAs()
  const asked = text.trim()
  const found = useQuery({ ...searchQuery(asked), enabled: asked !== '' })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (
        (event.key === '/' && !isTyping(event)) ||
        (event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey))
      ) {
        event.preventDefault()
        input.current?.focus()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  const commands: Goal[] = COMMANDS.filter(
    (one) => holds(`${one.words} ${one.hint} ${one.also ?? ''}`, asked) && may(one.least),
  ).map((one) => ({ label: one.words, hint: one.hint, to: one.to }))
  const goals: Goal[] = [
    ...(asked === '' ? [] : (found.data ?? [])).map((goal) => ({
      label: goal.label,
      hint: goal.hint,
      to: goalAddress(goal),
    })),
    ...commands,
  ]
  const first = goals[0]
  // Enter pressed before the answer came: go as soon as it is there, and only for what was typed then.
  useEffect(() => {
    if (hurry === null || found.isFetching) return
    setHurry(null)
    if (hurry === asked && first) {
      setText('')
      input.current?.blur()
      navigate(first.to)
    }
  }, [hurry, asked, found.isFetching, first, navigate])
  return (
    <Autocomplete
      options={goals}
      value={null}
      inputValue={text}
      onInputChange={(_, next) => setText(next)}
      blurOnSelect
      clearOnBlur
      autoHighlight
      forcePopupIcon={false}
      filterOptions={(all) => all}
      getOptionKey={(goal) => goal.to}
      noOptionsText={found.isFetching ? 'Searching…' : say('noMatches')}
      onChange={(_, goal) => {
        if (goal) {
          setText('')
          navigate(goal.to)
        }
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && asked !== '' && found.isFetching) setHurry(asked)
      }}
      renderOption={({ key, ...props }, goal) => (
        <Box component="li" key={key} {...props} sx={{ gap: 1, flexWrap: 'wrap' }}>
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
          placeholder={say('vehicleDotCodeTireNumber')}
          slotProps={{
            ...props.slotProps,
            htmlInput: {
              ...props.slotProps.htmlInput,
              'aria-label': say('searchVehiclesPositionsTiresModels'),
            },
          }}
        />
      )}
      slotProps={{ popper: { sx: { minWidth: { xs: '92vw', sm: 380 } }, placement: 'bottom-end' } }}
      sx={{
        width: { xs: 'auto', sm: 270 },
        flex: { xs: 1, sm: 'none' },
        '& .MuiInputBase-root': { background: color.barField, color: '#fff', py: '2px !important' },
        '& .MuiOutlinedInput-notchedOutline': { borderColor: color.barEdge },
        '& .MuiSvgIcon-root': { color: color.barQuiet },
        '& input::placeholder': { color: color.barQuiet, opacity: 1 },
      }}
    />
  )
}
