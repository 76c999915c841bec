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

type Check = Schemas['CheckView']

/** Opens what a driver's report asks to be checked, in that order. */
export function TriageButton({ report }: { report: Schemas['ReportView'] }) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        Check in order…
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
  const title = `Driver’s report: ${report.label}${report.corner ? ` at ${report.corner}` : ''}`
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
                <strong>Complete first:</strong> {query.data.first}
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
                Every check is made.{' '}
                {query.data.checks.some((check) => check.found)
                  ? 'Schedule work for what was found.'
                  : 'None found a cause: no work follows.'}
              </Box>
            )}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
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
    'The check is on record.',
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
      {check.suspicious && <Box component="span"> · what is on record speaks for it</Box>}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {check.known.map((known) => (
          <li key={known}>{known}</li>
        ))}
      </Box>
      {check.found !== undefined && (
        <div>{check.found ? `Found, ${check.by}: ${check.note}` : `Nothing found, ${check.by}`}</div>
      )}
      {props.next && props.may && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1, alignItems: 'flex-start' }}>
          <Entry label="What was found" value={note} onChange={setNote} error={form.wrong('note')} width={260} />
          <Button variant="outlined" sx={{ minHeight: 44 }} onClick={() => send(true)}>
            Found the cause
          </Button>
          <Button variant="outlined" sx={{ minHeight: 44 }} onClick={() => send(false)}>
            Nothing found
          </Button>
        </Box>
      )}
    </Box>
  )
}
