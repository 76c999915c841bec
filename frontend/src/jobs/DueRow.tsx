import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type DueLine } from '../api/client'
import { StateGlyph } from '../drawings/state/StateGlyph'
import { useMay } from '../session/session'
import { useSend } from '../ui/useSend'
import { day, when } from '../units/format'
import { LeaveDialog } from './LeaveDialog'

/** One thing that is due: what, where, the figure against its limit, why, and by when. */
export function DueRow(props: {
  line: DueLine
  today: string
  withVehicle?: boolean
  chosen: boolean
  onChoose: () => void
}) {
  const { line } = props
  const where = line.positions.join(' ')
  const may = useMay('COORDINATOR')
  const [leaving, setLeaving] = useState(false)
  const back = useSend<unknown>(
    () =>
      answerOf(
        api.DELETE('/api/vehicles/{id}/waivers/{work}', {
          params: { path: { id: line.vehicleId, work: line.key } },
        }),
      ),
    () => {},
  )
  const name = `${line.work}, ${line.unit}${where && ` ${where}`}`
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '38px 18px minmax(0,1fr) auto',
        columnGap: 0.5,
        alignItems: 'start',
        px: 1,
        py: 0.9,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      {line.canBeScheduled && !line.scheduled ? (
        <Checkbox
          size="small"
          checked={props.chosen}
          onChange={props.onChoose}
          sx={{ p: 0.6, mt: -0.5 }}
          slotProps={{ input: { 'aria-label': `Choose: ${name}` } }}
        />
      ) : (
        <span />
      )}
      <Box sx={{ pt: 0.3 }}>
        <StateGlyph verdict={line.urgency} size={14} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontWeight: 650 }}>
          {props.withVehicle && (
            <Box component={Link} to={`/vehicles/${line.vehicleId}`} sx={{ color: 'primary.main', mr: 0.75 }}>
              {line.unit}
            </Box>
          )}
          {where && (
            <Box component="span" sx={{ mr: 0.75 }}>
              {where}
            </Box>
          )}
          <Box component="span" sx={{ fontWeight: 450 }}>
            {line.work}
          </Box>
        </Box>
        <Box>{line.reason.says}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
          {line.reason.limit && `Limit: ${line.reason.limit}. `}
          {line.reason.because}
          {line.earliest &&
            ` Between ${day(line.earliest, props.today)} and ${line.latest ? day(line.latest, props.today) : 'later'}.`}
          <Box component="span" title="What waiting brings">
            {' '}
            {line.waiting}
          </Box>
        </Box>
        {line.left && (
          <Box sx={{ fontSize: 12.5, fontWeight: 650 }}>
            Left until {day(line.left.until, props.today)} by {line.left.by}: {line.left.reason}{' '}
            {may && (
              <Button size="small" sx={{ p: 0, minWidth: 0 }} onClick={() => back.send()}>
                take back
              </Button>
            )}
          </Box>
        )}
      </Box>
      <Box sx={{ textAlign: 'right', whiteSpace: 'nowrap', pl: 1 }}>
        <Box sx={{ fontWeight: line.days <= 0 ? 650 : 450 }}>{when(line.days)}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{day(line.due, props.today)}</Box>
        {line.kind === 'ROTATE' && !line.scheduled && (
          <Box
            component={Link}
            to={`/vehicles/${line.vehicleId}/rotation`}
            sx={{ fontSize: 12.5, color: 'primary.main' }}
          >
            propose
          </Box>
        )}
        {may && !line.scheduled && !line.left && line.urgency !== 'DO_NOT_OPERATE' && (
          <Button
            size="small"
            sx={{ p: 0, minWidth: 0, fontSize: 12.5, fontWeight: 450 }}
            aria-label={`Leave for now: ${name}`}
            onClick={() => setLeaving(true)}
          >
            leave…
          </Button>
        )}
        {leaving && <LeaveDialog line={line} onClose={() => setLeaving(false)} />}
        {line.scheduled && (
          <Box component={Link} to={`/shop?job=${line.scheduled.jobId}`} sx={{ fontSize: 12.5, color: 'primary.main' }}>
            planned {day(line.scheduled.day, props.today)}
          </Box>
        )}
      </Box>
    </Box>
  )
}
