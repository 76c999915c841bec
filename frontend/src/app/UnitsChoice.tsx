import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useQueryClient } from '@tanstack/react-query'
import { answerOf, api, type Units } from '../api/client'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { say } from './words'

/** In which units this person reads and types. */
export function UnitsChoice({ onBar = false }: { onBar?: boolean }) {
  const [units, setUnits] = useUnits()
  const queries = useQueryClient()
  const choose = async (next: Units) => {
    setUnits(next)
    await answerOf(api.PUT('/api/session/units', { body: { units: next } }))
    await queries.invalidateQueries({ queryKey: ['session'] })
  }
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={units}
      onChange={(_, next: Units | null) => next && void choose(next)}
      aria-label={say('units')}
      sx={
        onBar
          ? {
              display: { xs: 'none', sm: 'inline-flex' },
              '& .MuiToggleButton-root': { color: color.barQuiet, borderColor: color.barEdge, py: 0.4, fontSize: 12.5 },
              '& .Mui-selected': { color: '#fff !important', background: `${color.barPicked} !important` },
            }
          : { '& button': { minHeight: 48, flex: 1 } }
      }
    >
      <ToggleButton value="US">{say('psi132')}</ToggleButton>
      <ToggleButton value="METRIC">{say('kpaMm')}</ToggleButton>
    </ToggleButtonGroup>
  )
}
