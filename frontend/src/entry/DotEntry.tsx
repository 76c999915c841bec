import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { answerOf, api, ProblemError } from '../api/client'
import { color, mono } from '../base/theme'
import { Entry } from '../ui/Entry'
import { useDebounced } from '../ui/useDebounced'
import { day } from '../units/format'
import { say } from './words'

/** A DOT code, read while it is typed: the week it was made, its age, and what is odd about it. */
export function DotEntry(props: {
  label: string
  value: string
  onChange: (value: string) => void
  error?: string | undefined
  retread?: boolean
  /** Whether each part of the code is told; left out where many codes stand together. */
  explain?: boolean
  autoFocus?: boolean
  width?: number | string
}) {
  const text = useDebounced(props.value.trim())
  const retread = props.retread ?? false
  const read = useQuery({
    queryKey: ['read-dot', text, retread],
    queryFn: () => answerOf(api.POST('/api/parse/dot-code', { body: { text, retread } })),
    enabled: text.length >= 3,
    staleTime: 60_000,
    retry: false,
  })
  const wrong = read.error instanceof ProblemError ? read.error.field('text') : undefined
  const error = props.error ?? (text.length >= 4 ? wrong : undefined)
  return (
    <Box sx={{ width: { xs: '100%', sm: props.width ?? 300 } }}>
      <Entry
        label={props.label}
        value={props.value}
        onChange={props.onChange}
        error={error}
        hint={say('wholeOrTheLastFour')}
        code
        width="100%"
        autoFocus={props.autoFocus ?? false}
      />
      {read.data && error === undefined && (
        <Box sx={{ fontSize: 12.5, mt: 0.5 }} aria-live="polite">
          {say('weekOf', { weekStart: day(read.data.weekStart) })}
          {!retread && <strong>{say('yOld', { ageYears: read.data.ageYears.toFixed(1) })}</strong>}
          {props.explain !== false &&
            read.data.parts.length > 1 &&
            read.data.parts.map((part) => (
              <Box key={part.meaning} sx={{ color: 'text.secondary' }}>
                <Box component="span" sx={{ fontFamily: mono, color: 'text.primary' }}>
                  {part.letters}
                </Box>{' '}
                {part.meaning}
              </Box>
            ))}
          {read.data.notes.map((note) => (
            <Box key={note} sx={{ color: color.watch }}>
              {note}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  )
}
