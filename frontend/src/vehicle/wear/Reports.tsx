import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { moment } from '../../units/format'
import { TriageButton } from './Triage'

export type Report = Schemas['ReportView']

/** What drivers reported of this vehicle; a report counts once a coordinator lets it. */
export function Reports({ reports, vehicleId, unit }: { reports: Report[]; vehicleId: number; unit: string }) {
  const may = useMay('COORDINATOR')
  const [review, setReview] = useState<Report>()
  return (
    <Box component="section" aria-label="Drivers’ reports">
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 0.75 }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
          Drivers’ reports
        </Box>
        {may && (
          <Button size="small" component={Link} to={`/vehicles/${vehicleId}/driver-card`}>
            Card for {unit}
          </Button>
        )}
      </Box>
      {reports.length === 0 && (
        <Box sx={{ color: 'text.secondary' }}>
          None. Whoever holds the vehicle’s card can report a pull, vibration, noise or a lamp without an account.
        </Box>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 0.75 }}>
        {reports.map((report) => (
          <Box
            component="li"
            key={report.id}
            sx={{
              background: color.sheet,
              border: 1,
              borderColor: 'divider',
              borderRadius: 1,
              p: 1,
              display: 'flex',
              gap: 1.5,
              alignItems: 'center',
              flexWrap: 'wrap',
            }}
          >
            <Box sx={{ flex: '1 1 260px' }}>
              <strong>
                {report.label}
                {report.corner && ` at ${report.corner}`}
              </strong>
              {report.note && `: ${report.note}`}
              <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
                {report.reporter || 'no name given'}, {moment(report.at)}
              </Box>
            </Box>
            <TriageButton report={report} />
            {report.status === 'NEW' && may ? (
              <Button variant="outlined" size="small" onClick={() => setReview(report)}>
                Review…
              </Button>
            ) : (
              <span>
                {report.status === 'NEW' && 'Waiting for review'}
                {report.status === 'ACCEPTED' && `accepted, ${report.reviewedBy}`}
                {report.status === 'DISMISSED' && `dismissed, ${report.reviewedBy}: ${report.reviewNote}`}
              </span>
            )}
          </Box>
        ))}
      </Box>
      {review && <ReviewDialog report={review} onClose={() => setReview(undefined)} />}
    </Box>
  )
}

/** Accepts or dismisses; one that is accepted may be scheduled at once. */
export function ReviewDialog({ report, onClose }: { report: Report; onClose: () => void }) {
  const notice = useNotice()
  const [note, setNote] = useState('')
  const [plan, setPlan] = useState('')
  const [counts, setCounts] = useState(true)
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/reports/{id}/review', {
          params: { path: { id: report.id } },
          body: { status: counts ? 'ACCEPTED' : 'DISMISSED', note, ...(counts && plan && { plan }) },
        }),
      ),
    () => {
      notice({
        text: counts ? (plan ? 'Report accepted. The work is scheduled.' : 'Report accepted.') : 'Report dismissed.',
      })
      onClose()
    },
    null,
  )
  const lamp = report.symptom === 'WARNING_LAMP' || report.symptom === 'SOFT_TIRE'
  return (
    <FormDialog
      title={`Driver’s report: ${report.label}`}
      action={counts ? 'Accept report' : 'Dismiss report'}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>
        {lamp
          ? 'The lamp may name the wrong corner. Check pressure at every corner before adding air.'
          : 'Once accepted it is evidence for or against the causes of wear.'}
      </Box>
      <Box role="group" aria-label="Accept or dismiss" sx={{ display: 'flex', gap: 1, width: '100%' }}>
        <Button variant={counts ? 'contained' : 'outlined'} aria-pressed={counts} onClick={() => setCounts(true)}>
          Accept
        </Button>
        <Button variant={counts ? 'outlined' : 'contained'} aria-pressed={!counts} onClick={() => setCounts(false)}>
          Dismiss
        </Button>
      </Box>
      {counts && (
        <Entry
          label="Scheduled day"
          type="date"
          value={plan}
          onChange={setPlan}
          error={form.wrong('day')}
          hint="Blank: no job yet"
          width={180}
        />
      )}
      <Entry label="Note" value={note} onChange={setNote} error={form.wrong('note')} width={330} />
    </FormDialog>
  )
}
