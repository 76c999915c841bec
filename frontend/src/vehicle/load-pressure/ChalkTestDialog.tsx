import Box from '@mui/material/Box'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { useSend } from '../../ui/useSend'
import { figureForField, pressureUnit } from '../../units/format'
import type { AxleSheet } from './views'
import { say } from './words'

type Look = Schemas['ChalkPassView']['contactPattern']

const LOOKS: readonly (readonly [Look, string])[] = [
  ['CENTER_RUBBED', say('onlyTheCenterRubbedOff')],
  ['EDGES_RUBBED', say('edgesRubbedOffMore')],
  ['EVEN_CONTACT', say('centerSlightlyMoreTheVery')],
]

/** The chalk-line trial of one axle: each pass is logged, the next pressure proposed, never outside its bounds. */
export function ChalkTestDialog(props: { vehicleId: number; axle: AxleSheet; onClose: () => void }) {
  const [units] = useUnits()
  const queries = useQueryClient()
  const path = { id: props.vehicleId, axle: props.axle.axle }
  const key = ['vehicle', props.vehicleId, 'chalk', props.axle.axle, units]
  const trial = useQuery({
    queryKey: key,
    queryFn: () =>
      answerOf(api.GET('/api/vehicles/{id}/axles/{axle}/chalk-test', { params: { path, query: { units } } })),
  })
  const [pressure, setPressure] = useState<string>()
  const [look, setLook] = useState<Look>()
  const proposed = figureForField(trial.data?.next ?? props.axle.target ?? '', pressureUnit(units))
  const form = useSend(
    (once) =>
      answerOf(
        api.POST('/api/vehicles/{id}/axles/{axle}/chalk-test', {
          params: { path, query: { units }, header: { 'Idempotency-Key': once } },
          body: { pressure: pressure ?? proposed, ...(look && { contactPattern: look }) },
        }),
      ),
    (answer) => {
      queries.setQueryData(key, answer)
      setPressure(undefined)
      setLook(undefined)
    },
    say('passIsOnRecord'),
  )
  return (
    <FormDialog
      title={say('chalkTestAxle', { axle: props.axle.axle })}
      action={say('logThePass')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
      disabled={trial.data?.result != null}
    >
      {trial.isPending && <LoadingLines lines={3} />}
      {trial.isError && <LoadProblem error={trial.error} again={() => trial.refetch()} />}
      {trial.data && (
        <>
          <Box role="status" sx={{ width: '100%', fontSize: 15 }}>
            <strong>{trial.data.statement}.</strong>
            <Box sx={{ color: 'text.secondary', fontSize: 13 }}>
              {say('betweenWhatTheLoadNeeds', { floor: trial.data.floor, maximum: trial.data.maximum })}
            </Box>
          </Box>
          {trial.data.passes.length > 0 && (
            <Box component="ol" sx={{ m: 0, pl: 3, width: '100%' }}>
              {trial.data.passes.map((pass, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: passes are only ever added
                <li key={at}>
                  {pass.pressure}: {pass.label}
                </li>
              ))}
            </Box>
          )}
          {trial.data.result == null && (
            <>
              <Entry
                label={say('drivenAt')}
                value={pressure ?? proposed}
                onChange={setPressure}
                error={form.wrong('pressure')}
                unit={pressureUnit(units)}
                width={160}
              />
              <Choice
                label={say('whatTheTreadShowed')}
                value={look}
                options={LOOKS}
                onChange={setLook}
                error={form.wrong('contactPattern')}
                width={330}
              />
            </>
          )}
        </>
      )}
    </FormDialog>
  )
}
