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
import { say } from './words'

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
      <summary>{say('simulatedSensorSystem')}</summary>
      {acting.error && <Alert severity="error">{acting.error.message}</Alert>}
      {!view?.pluggedIn && (
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start', mt: 1 }}>
          <Entry
            label={say('deadSensors')}
            value={dead}
            onChange={setDead}
            hint={say('positionsForExample2R')}
            width={170}
          />
          <Entry
            label={say('swappedSensors')}
            value={crossed}
            onChange={setCrossed}
            hint={say('twoPositionsForExample1')}
            width={190}
          />
          <FormControlLabel
            control={<Checkbox checked={otherOrder} onChange={(event) => setOtherOrder(event.target.checked)} />}
            label={say('otherCornerOrder')}
          />
          <FormControlLabel
            control={<Checkbox checked={firstWayFails} onChange={(event) => setFirstWayFails(event.target.checked)} />}
            label={say('firstWayInFails')}
          />
          <Button variant="outlined" onClick={() => act(post.plug)}>
            {say('plugIt')}
          </Button>
        </Box>
      )}
      {view?.pluggedIn && (
        <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
          <div>
            {say('ignitionOnLearningHornOnce', {
              ignition: view.ignition,
              learning: view.learning,
              hornOnce: view.hornOnce,
              hornTwice: view.hornTwice,
              lowPressure: view.lowPressure,
            })}
            {view.lamp && say('markerLamp', { lamp: view.lamp })}
          </div>
          <div>
            {say('dash2', {
              corners: view.corners.map((corner) => `${corner.position} ${corner.pressure ?? '– –'}`).join(' · '),
            })}
          </div>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button size="small" variant="outlined" onClick={() => act(post.ignition)}>
              {say('ignitionOff', { ignition: view.ignition })}
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(() => post.enter('KEY_FOB'))}>
              {say('keyFob')}
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(() => post.enter('MENU'))}>
              {say('dashMenu')}
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(() => post.enter('DRIVE'))}>
              {say('drive')}
            </Button>
            {coach.corners.map((corner) => (
              <Button
                key={corner.position}
                size="small"
                variant="outlined"
                onClick={() => act(() => post.trigger(corner.position))}
              >
                {coach.trigger === 'TOOL' ? say('toolAt') : say('airOut')} {corner.position}
              </Button>
            ))}
            <Button size="small" variant="outlined" onClick={() => act(post.wait)}>
              {say('waitTooLong')}
            </Button>
            <Button size="small" variant="outlined" onClick={() => act(post.read)}>
              {say('readTheDash')}
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
                  {say('fillTo', { position: corner.position, target: corner.target })}
                </Button>
              ))}
            <Button size="small" onClick={() => act(post.plug)}>
              {say('plugItInAnew')}
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  )
}
