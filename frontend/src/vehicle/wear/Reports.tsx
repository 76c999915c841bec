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
import { say } from './words'

export type Report = Schemas['ReportView']

/** What drivers reported of this vehicle; a report counts once a coordinator lets it. */
export function Reports({ reports, vehicleId, unit }: { reports: Report[]; vehicleId: number; unit: string }) {
  const may = useMay('COORDINATOR')
  const [review, setReview] = useState<Report>()
  return (
    <Box component="section" aria-label={say('driversReports')}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 0.75 }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
          {say('driversReports')}
        </Box>
        {may && (
          <Button size="small" component={Link} to={`/vehicles/${vehicleId}/driver-card`}>
            {say('cardFor', { unit })}
          </Button>
        )}
      </Box>
      {reports.length === 0 && <Box sx={{ color: 'text.secondary' }}>{say('noneWhoeverHoldsTheVehicles')}</Box>}
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
                {report.corner && say('at', { corner: report.corner })}
              </strong>
              {report.note && `: ${report.note}`}
              <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
                {report.reporter || say('noNameGiven')}, {moment(report.at)}
              </Box>
            </Box>
            <TriageButton report={report} />
            {report.status === 'NEW' && may ? (
              <Button variant="outlined" size="small" onClick={() => setReview(report)}>
                {say('review')}
              </Button>
            ) : (
              <span>
                {report.status === 'NEW' && say('waitingForReview')}
                {report.status === 'ACCEPTED' && say('accepted', { reviewedBy: report.reviewedBy })}
                {report.status === 'DISMISSED' &&
                  say('dismissed', { reviewedBy: report.reviewedBy, reviewNote: report.reviewNote })}
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
        text: counts ? (plan ? say('reportAcceptedTheWork') : say('reportAccepted')) : say('reportDismissed'),
      })
      onClose()
    },
    null,
  )
  const lamp = report.symptom === 'WARNING_LAMP' || report.symptom === 'SOFT_TIRE'
  return (
    <FormDialog
      title={say('driversReport2', { report: report.label })}
      action={counts ? say('acceptReport') : say('dismissReport')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>{lamp ? say('lampMayNameTheWrong') : say('onceAcceptedItIsEvidence')}</Box>
      <Box role="group" aria-label={say('acceptOrDismiss')} sx={{ display: 'flex', gap: 1, width: '100%' }}>
        <Button variant={counts ? 'contained' : 'outlined'} aria-pressed={counts} onClick={() => setCounts(true)}>
          {say('accept')}
        </Button>
        <Button variant={counts ? 'outlined' : 'contained'} aria-pressed={!counts} onClick={() => setCounts(false)}>
          {say('dismiss')}
        </Button>
      </Box>
      {counts && (
        <Entry
          label={say('scheduledDay')}
          type="date"
          value={plan}
          onChange={setPlan}
          error={form.wrong('day')}
          hint={say('blankNoJobYet')}
          width={180}
        />
      )}
      <Entry label={say('note')} value={note} onChange={setNote} error={form.wrong('note')} width={330} />
    </FormDialog>
  )
}
