import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Entry } from '../../ui/Entry'

type Coach = Schemas['RelearnGuideView']

/** The simulated sensor system with its activation tool: what it does goes into the log as if somebody had seen and heard it. */
export function SensorSimulator({ vehicleId, coach }: { vehicleId: number; coach: Coach }) {
  const [units] = useUnits()
  const queries = useQueryClient()
  const path = { vehicleId }
  const query = { units }
  const key = ['vehicle', vehicleId, 'receiver', units]
  const dash = useQuery({
    queryKey: key,
    queryFn: () => answerOf(api.GET('/api/simulators/sensor-system/{vehicleId}', { params: { path, query } })),
  })
  const [dead, setDead] = useState('')
  const [crossed, setCrossed] = useState('')
  const [otherOrder, setOtherOrder] = useState(false)
  const [firstWayFails, setFirstWayFails] = useState(false)
  const acting = useMutation({
    mutationFn: (act: () => Promise<Schemas['SimulatorView']>) => act(),
    onSuccess: async (next) => {
      queries.setQueryData(key, next)
      await queries.invalidateQueries({ queryKey: ['vehicle', vehicleId, 'relearn'] })
    },
  })
  const post = {
    plug: () =>
      answerOf(
        api.POST('/api/simulators/sensor-system/{vehicleId}', {
          params: { path, query },
          body: { dead, swapped: crossed, otherOrder, firstEntryFails: firstWayFails },
        }),
      ),
    ignition: () =>
      answerOf(api.POST('/api/simulators/sensor-system/{vehicleId}/ignition', { params: { path, query } })),
    enter: (way: NonNullable<Schemas['SimulatorActionRequest']['entryMethod']>) =>
      answerOf(
        api.POST('/api/simulators/sensor-system/{vehicleId}/learn-mode', {
          params: { path, query },
          body: { entryMethod: way },
        }),
      ),
    trigger: (position: string) =>
      answerOf(
        api.POST('/api/simulators/sensor-system/{vehicleId}/trigger', {
          params: { path, query: { units, by: coach.trigger } },
          body: { position },
        }),
      ),
    wait: () => answerOf(api.POST('/api/simulators/sensor-system/{vehicleId}/timeout', { params: { path, query } })),
    read: () => answerOf(api.POST('/api/simulators/sensor-system/{vehicleId}/reading', { params: { path, query } })),
    fill: (position: string, pressure: string) =>
      answerOf(
        api.POST('/api/simulators/sensor-system/{vehicleId}/inflation', {
          params: { path, query },
          body: { position, pressure },
        }),
      ),
  }
  const view = dash.data
  const act = (call: () => Promise<Schemas['SimulatorView']>) => acting.mutate(call)
  return (
    <Box component="details" sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }} open={view?.pluggedIn ?? false}>
      <summary>Simulated sensor system</summary>
      {acting.error && <Alert severity="error">{acting.error.message}</Alert>}
      {!view?.pluggedIn && (
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start', mt: 1 }}>
          <Entry label="Dead sensors" value={dead} onChange={setDead} hint="Positions, for example 2R" width={170} />
          <Entry
            label="Swapped sensors"
            value={crossed}
            onChange={setCrossed}
            hint="Two positions, for example 1R 2R"
            width={190}
          />
          <FormControlLabel
            control={<Checkbox checked={otherOrder} onChange={(event) => setOtherOrder(event.target.checked)} />}
            label="Other corner order"
          />
          <FormControlLabel
            control={<Checkbox checked={firstWayFails} onChange={(event) => setFirstWayFails(event.target.checked)} />}
            label="First way in fails"
          />
          <Button variant="outlined" onClick={() => act(post.plug)}>
            Plug it in
          </Button>
        </Box>
      )}
      {view?.pluggedIn && (
        <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
          <div>
            Ignition {view.ignition ? 'on' : 'off'} · {view.learning ? 'learning' : 'not learning'} · horn{' '}
            {view.hornOnce} × once, {view.hornTwice} × twice · low-pressure lamp {view.lowPressure ? 'on' : 'off'}
            {view.lamp && ` · marker lamp at ${view.lamp}`}
          </div>
          <div>Dash: {view.corners.map((corner) => `${corner.position} ${corner.pressure ?? '– –'}`).join(' · ')}</div>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button size="small" variant="outlined" onClick={() => act(post.ignition)}>
              Ignition {view.ignition ? 'off' : 'on'}
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(() => post.enter('KEY_FOB'))}>
              Key fob
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(() => post.enter('MENU'))}>
              Dash menu
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(() => post.enter('DRIVE'))}>
              Drive
            </Button>
            {coach.corners.map((corner) => (
              <Button
                key={corner.position}
                size="small"
                variant="outlined"
                onClick={() => act(() => post.trigger(corner.position))}
              >
                {coach.trigger === 'TOOL' ? 'Tool at' : 'Air out at'} {corner.position}
              </Button>
            ))}
            <Button size="small" variant="outlined" onClick={() => act(post.wait)}>
              Wait too long
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(post.read)}>
              Read the dash
            </Button>
            {coach.corners
              .filter((corner) => corner.mustInflate && corner.target)
              .map((corner) => (
                <Button
                  key={`fill ${corner.position}`}
                  size="small"
                  variant="outlined"
                  onClick={() => act(() => post.fill(corner.position, corner.target ?? ''))}
                >
                  Fill {corner.position} to {corner.target}
                </Button>
              ))}
            <Button size="small" onClick={() => act(post.plug)}>
              Plug it in anew
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  )
}
