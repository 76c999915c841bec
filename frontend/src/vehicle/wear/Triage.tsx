import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useSend } from '../../ui/useSend'
import { say } from './words'

type Check = Schemas['CheckView']

/** Opens what a driver's report asks to be checked, in that order. */
export function TriageButton({ report }: { report: Schemas['ReportView'] }) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        {say('checkInOrder')}
      </Button>
      {open && <Triage report={report} onClose={() => setOpen(false)} />}
    </>
  )
}

function Triage({ report, onClose }: { report: Schemas['ReportView']; onClose: () => void }) {
  const [units] = useUnits()
  const may = useMay('TECHNICIAN')
  const query = useQuery({
    queryKey: ['triage', report.id, units],
    queryFn: () =>
      answerOf(api.GET('/api/reports/{id}/triage', { params: { path: { id: report.id }, query: { units } } })),
  })
  const title = say('driversReport', {
    report: report.label,
    corner: report.corner ? say('at', { corner: report.corner }) : '',
  })
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="triage">
      <DialogTitle id="triage">{title}</DialogTitle>
      <DialogContent>
        {query.isPending && <LoadingLines lines={6} />}
        {query.isError && <LoadProblem error={query.error} again={() => query.refetch()} />}
        {query.data && (
          <>
            {query.data.first && (
              <Alert severity="warning" icon={false} sx={{ mb: 1.5 }}>
                <strong>{say('completeFirst')}</strong> {query.data.first}
              </Alert>
            )}
            <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 1.5 }}>
              {query.data.checks.map((check, at) => (
                <OneCheck
                  key={check.check}
                  report={report}
                  check={check}
                  number={at + 1}
                  next={query.data.next === check.check}
                  may={may}
                />
              ))}
            </Box>
            {query.data.next === undefined && (
              <Box sx={{ mt: 1.5 }}>
                {say('everyCheckIsMadeSchedule', { some: query.data.checks.some((check) => check.found) })}
              </Box>
            )}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('close')}</Button>
      </DialogActions>
    </Dialog>
  )
}

/** One check with the known figures; the next one takes its result. */
function OneCheck(props: { report: Schemas['ReportView']; check: Check; number: number; next: boolean; may: boolean }) {
  const { report, check } = props
  const [note, setNote] = useState('')
  const found = useRef(false)
  const queries = useQueryClient()
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/reports/{id}/checks', {
          params: { path: { id: report.id } },
          body: { check: check.check, found: found.current, note },
        }),
      ),
    () => void queries.invalidateQueries({ queryKey: ['triage', report.id] }),
    say('checkIsOnRecord'),
  )
  const send = (cause: boolean) => {
    found.current = cause
    form.send()
  }
  return (
    <Box
      component="li"
      sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}
      aria-current={props.next ? 'step' : undefined}
    >
      <strong>
        {props.number}. {check.title}
      </strong>
      {check.suspicious && <Box component="span">{say('whatIsOnRecordSpeaks')}</Box>}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {check.known.map((known) => (
          <li key={known}>{known}</li>
        ))}
      </Box>
      {check.found !== undefined && (
        <div>
          {check.found ? say('found', { by: check.by, note: check.note }) : say('nothingFound', { by: check.by })}
        </div>
      )}
      {props.next && props.may && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1, alignItems: 'flex-start' }}>
          <Entry label={say('whatWasFound')} value={note} onChange={setNote} error={form.wrong('note')} width={260} />
          <Button variant="outlined" sx={{ minHeight: 44 }} onClick={() => send(true)}>
            {say('foundTheCause')}
          </Button>
          <Button variant="outlined" sx={{ minHeight: 44 }} onClick={() => send(false)}>
            {say('nothingFound2')}
          </Button>
        </Box>
      )}
    </Box>
  )
}
