import Box from '@mui/material/Box'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { searchQuery } from '../../api/queries'
import { goalAddress } from '../../api/search'
import { useDebounced } from '../../ui/useDebounced'
import { say } from './words'

/** A vehicle, position or tire by what is written on it, for a label that can't be read. */
export function FindByTyping() {
  const [text, setText] = useState('')
  const asked = useDebounced(text.trim())
  const navigate = useNavigate()
  const found = useQuery({ ...searchQuery(asked), enabled: asked !== '' })
  const goals = asked === '' ? [] : (found.data ?? [])
  const [first] = goals
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault()
        if (first) navigate(goalAddress(first))
      }}
      sx={{ mt: 2 }}
    >
      <TextField
        label={say('unitTireNumberOrDot')}
        value={text}
        onChange={(event) => setText(event.target.value)}
        fullWidth
        slotProps={{ htmlInput: { autoCapitalize: 'characters', autoComplete: 'off', enterKeyHint: 'go' } }}
        sx={{ '& .MuiInputBase-root': { minHeight: 48 } }}
      />
      <Box component="ul" aria-live="polite" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {goals.map((goal) => (
          <Box component="li" key={goalAddress(goal)} sx={{ borderBottom: 1, borderColor: 'divider' }}>
            <Box component={Link} to={goalAddress(goal)} sx={{ display: 'block', py: 1.25, minHeight: 48 }}>
              <strong>{goal.label}</strong>{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {goal.hint}
              </Box>
            </Box>
          </Box>
        ))}
        {asked !== '' && found.data?.length === 0 && <li>{say('noMatches')}</li>}
      </Box>
    </Box>
  )
}
