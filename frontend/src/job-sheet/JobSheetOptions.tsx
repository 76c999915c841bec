import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../api/client'
import { useUnits } from '../base/settings'
import { Choice, Entry } from '../ui/Entry'
import { moment } from '../units/format'
import type { SheetView } from './steps'
import { say } from './words'

/** What the steps are put together for: the tire changer, nitrogen, and the way a sensor goes in. */
export function JobSheetOptions({ sheet, folded }: { sheet: SheetView; folded: boolean }) {
  const [units] = useUnits()
  const queries = useQueryClient()
  const choosing = useMutation({
    mutationFn: (part: Partial<Schemas['JobSheetOptionsRequest']>) =>
      answerOf(
        api.PUT('/api/jobs/{id}/sheet', {
          params: { path: { id: sheet.jobId }, query: { units } },
          body: {
            ...(sheet.tireChangerId !== undefined && { tireChangerId: sheet.tireChangerId }),
            nitrogen: sheet.nitrogen,
            sensorDismount: sheet.sensorDismount,
            ...part,
          },
        }),
      ),
    onSuccess: (next) => queries.setQueryData(['jobs', 'sheet', sheet.jobId, units], next),
  })
  if (!sheet.needsTireChanger && !sheet.needsSensorMethod) return null
  const problem = choosing.error instanceof ProblemError ? choosing.error : undefined
  const machine = sheet.tireChangers.find((one) => one.id === sheet.tireChangerId)
  return (
    <details open={!folded}>
      <summary>
        {[machine?.name ?? say('noTireChangerChosen'), sheet.nitrogen && 'nitrogen'].filter(Boolean).join(', ')}
      </summary>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mt: 1.5 }}>
        {sheet.needsTireChanger && (
          <Choice
            label={say('tireChanger')}
            value={sheet.tireChangerId === undefined ? '' : String(sheet.tireChangerId)}
            options={[
              ['', say('notChosenBothTechniquesShown')],
              ...sheet.tireChangers.map((one) => [String(one.id), `${one.name}, ${one.type}`] as [string, string]),
            ]}
            onChange={(id) =>
              choosing.mutate(
                id === '' ? { tireChangerId: undefined as unknown as number } : { tireChangerId: Number(id) },
              )
            }
            error={problem?.field('tireChangerId')}
            width={320}
          />
        )}
        {sheet.needsTireChanger && (
          <FormControlLabel
            control={
              <Checkbox
                checked={sheet.nitrogen}
                onChange={(event) => choosing.mutate({ nitrogen: event.target.checked })}
              />
            }
            label={say('filledWithNitrogen')}
          />
        )}
        {sheet.needsSensorMethod && (
          <FormControlLabel
            control={
              <Checkbox
                checked={sheet.sensorDismount}
                onChange={(event) => choosing.mutate({ sensorDismount: event.target.checked })}
              />
            }
            label={say('sensorWithTheTireOff')}
          />
        )}
        {problem && !problem.field('tireChangerId') && <Alert severity="error">{problem.message}</Alert>}
      </Box>
    </details>
  )
}

/** The sheet goes on in another person's hands. */
export function HandOver({ sheet }: { sheet: SheetView }) {
  const [units] = useUnits()
  const queries = useQueryClient()
  const [open, setOpen] = useState(false)
  const [to, setTo] = useState('')
  const handing = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/jobs/{id}/sheet/hand-over', {
          params: { path: { id: sheet.jobId }, query: { units } },
          body: { to },
        }),
      ),
    onSuccess: (next) => {
      queries.setQueryData(['jobs', 'sheet', sheet.jobId, units], next)
      setOpen(false)
      setTo('')
    },
  })
  const problem = handing.error instanceof ProblemError ? handing.error : undefined
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {sheet.handOvers.map((one) => (
        <div key={one.at}>{say('handedOver', { from: one.from, to: one.to, moment: moment(one.at) })}</div>
      ))}
      {open ? (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <Entry
            label={say('newTechnician')}
            value={to}
            onChange={setTo}
            error={problem?.field('to')}
            width={240}
            autoFocus
          />
          <Button variant="outlined" onClick={() => handing.mutate()} loading={handing.isPending}>
            {say('handOver')}
          </Button>
        </Box>
      ) : (
        <Box>
          <Button size="small" onClick={() => setOpen(true)}>
            {say('handOver2')}
          </Button>
        </Box>
      )}
    </Box>
  )
}
