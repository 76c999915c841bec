import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import type { ReactNode } from 'react'
import { useSearchParams } from 'react-router'
import { color } from '../base/theme'

/** The parts of a page that would be too long to read in one go, one at a time, each with an address of its own. */
export function PageParts(props: { label: string; parts: { key: string; word: string; show: () => ReactNode }[] }) {
  const [search, setSearch] = useSearchParams()
  const shown = props.parts.find((part) => part.key === search.get('part')) ?? props.parts[0]
  return (
    <>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={shown?.key}
        onChange={(_, next: string | null) =>
          next &&
          setSearch(
            (before) => {
              if (next === props.parts[0]?.key) before.delete('part')
              else before.set('part', next)
              return before
            },
            { replace: true },
          )
        }
        aria-label={props.label}
        className="not-printed"
        sx={{ background: color.sheet, flexWrap: 'wrap', justifySelf: 'start' }}
      >
        {props.parts.map((part) => (
          <ToggleButton key={part.key} value={part.key} sx={{ px: 1.5 }}>
            {part.word}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>{shown?.show()}</Box>
    </>
  )
}
