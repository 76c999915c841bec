import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError } from '../../api/client'
import { useUnits } from '../../base/settings'
import { RelearnDiagram } from '../../drawings/relearn-diagram/RelearnDiagram'
import { Entry } from '../../ui/Entry'
import { useUnsaved } from '../../ui/useUnsaved'
import { pressureUnit } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { say } from './words'

/** Which sensor sits where: what the dash shows against what the gauge reads. Opens by itself where a lamp and the gauge disagree. */
export function DashGaugeComparison() {
  const { vehicle } = useVehicle()
  const [units] = useUnits()
  const path = { id: vehicle.id }
  const lamps = useQuery({
    queryKey: ['vehicle', vehicle.id, 'lamps', units],
    queryFn: () =>
      answerOf(api.GET('/api/vehicles/{id}/warning-lamp-comparison', { params: { path, query: { units } } })),
  })
  const [opened, setOpened] = useState<boolean>()
  const [dash, setDash] = useState<Record<string, string>>({})
  const [gauge, setGauge] = useState<Record<string, string>>({})
  const unsaved = useUnsaved()
  const queries = useQueryClient()
  const comparing = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/vehicles/{id}/dash-gauge-comparison', {
          params: { path, query: { units } },
          body: { dash, gauge },
        }),
      ),
    // Swapped sensors are on record now: verdict and due work of the vehicle follow.
    onSuccess: (compared) => {
      unsaved.saved()
      return compared.swapped ? queries.invalidateQueries() : undefined
    },
  })
  const disagree = lamps.data ?? []
  const open = opened ?? disagree.length > 0
  const problem = comparing.error instanceof ProblemError ? comparing.error : undefined
  const found = comparing.data
  const positions = vehicle.positions.map((row) => row.position).filter((position) => !position.startsWith('S'))
  return (
    <Box component="section" aria-label={say('dashAgainstGauge')} sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
          {say('dashAgainstGauge')}
        </Box>
        <Button size="small" aria-expanded={open} onClick={() => setOpened(!open)}>
          {open ? say('hide') : 'Compare…'}
        </Button>
      </Box>
      {unsaved.question}
      {disagree.map((one) => (
        <Alert key={`${one.reported} ${one.corner}`} severity="warning">
          {one.statement}
        </Alert>
      ))}
      {open && (
        <Box
          component="form"
          noValidate
          onChange={() => unsaved.touch()}
          onSubmit={(event) => {
            event.preventDefault()
            comparing.mutate()
          }}
          sx={{ display: 'grid', gap: 1 }}
        >
          <div>{say('enterTheDashReading')}</div>
          {positions.map((position) => (
            <Box key={position} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
              <Box component="strong" sx={{ width: 44, pt: 1 }}>
                {position}
              </Box>
              <Entry
                label={say('dash', { position })}
                value={dash[position]}
                onChange={(figure) => setDash({ ...dash, [position]: figure })}
                error={problem?.field(`dash.${position}`)}
                unit={pressureUnit(units)}
                width={150}
              />
              <Entry
                label={say('gauge', { position })}
                value={gauge[position]}
                onChange={(figure) => setGauge({ ...gauge, [position]: figure })}
                error={problem?.field(`gauge.${position}`)}
                unit={pressureUnit(units)}
                width={150}
              />
            </Box>
          ))}
          {problem?.field('dash') && <Alert severity="error">{problem.field('dash')}</Alert>}
          {problem && problem.problem.fields.length === 0 && <Alert severity="error">{problem.message}</Alert>}
          <Button type="submit" variant="contained" loading={comparing.isPending} sx={{ justifySelf: 'start' }}>
            {say('compare')}
          </Button>
          {found && (
            <Box aria-live="polite" sx={{ display: 'grid', gap: 1 }}>
              <Alert severity={found.matches ? 'success' : 'warning'}>{found.statement}</Alert>
              {found.tieBreaker && <div>{found.tieBreaker}</div>}
              <RelearnDiagram
                views={found.corners.map((corner) => ({
                  position: corner.position,
                  name: corner.position,
                  confirmed: false,
                  lit: false,
                  expected: false,
                  mustInflate: false,
                  dash: corner.dash,
                  gauge: corner.gauge,
                  ...(corner.swapped && { shows: corner.shows }),
                }))}
              />
            </Box>
          )}
        </Box>
      )}
    </Box>
  )
}
