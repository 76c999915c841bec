import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Job, type Schemas } from '../api/client'
import { jobTiresQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { VerdictIcon } from '../drawings/verdict/VerdictIcon'
import { ByEar } from '../ui/ByEar'
import { useSend } from '../ui/useSend'

type JobTire = Schemas['JobTireView']
type Choice = Schemas['TireChoiceOption']

/** Whether a tire is chosen for a piece of work; a rotation has chosen its own. */
const choosesTire = (item: Job['items'][number]) => item.workType === 'REPLACE' || item.workType === 'CORRECT_MISMATCH'

/** Which tire goes on where: chosen, and checked for its place, before anybody lifts the vehicle. */
export function JobTires({ job, may }: { job: Job; may: boolean }) {
  const [units] = useUnits()
  const wanted = job.items.some(choosesTire)
  const tires = useQuery({ ...jobTiresQuery(job.id, units), enabled: wanted && !job.doneAt })
  const [choosing, setChoosing] = useState<JobTire>()
  if (!wanted || job.doneAt || !tires.data) return null
  return (
    <Box component="ul" aria-label="Tires that go on" sx={{ listStyle: 'none', m: 0, mt: 1, p: 0 }}>
      {tires.data.map((tire) => (
        <Box component="li" key={tire.itemId} sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <span>
            <strong>{tire.position}</strong> gets{' '}
            {tire.chosen ?? <Box component="em">a tire nobody has chosen yet</Box>}
          </span>
          {may && (
            <Button size="small" onClick={() => setChoosing(tire)} sx={{ minHeight: { xs: 44, sm: 32 } }}>
              {tire.chosen ? 'Change tire…' : 'Choose tire…'} <ByEar>for {tire.position}</ByEar>
            </Button>
          )}
        </Box>
      ))}
      {choosing && <ChooseTire job={job} tire={choosing} onClose={() => setChoosing(undefined)} />}
    </Box>
  )
}

const SOURCES: [Choice['source'], string][] = [
  ['STOCK', 'In stock'],
  ['ORDERED', 'On order'],
  ['TO_BUY', 'To buy'],
]

function ChooseTire({ job, tire, onClose }: { job: Job; tire: JobTire; onClose: () => void }) {
  const [units] = useUnits()
  const [wanted, setWanted] = useState<Choice>()
  const send = useSend(
    () =>
      answerOf(
        api.PUT('/api/jobs/{id}/items/{itemId}/tire', {
          params: { path: { id: job.id, itemId: tire.itemId }, query: { units } },
          body: wanted?.tireId
            ? { tireId: wanted.tireId }
            : wanted?.orderLineId
              ? { orderLineId: wanted.orderLineId }
              : { tireModelId: wanted?.tireModelId ?? 0 },
        }),
      ),
    onClose,
    `${job.unit} ${tire.position} gets ${wanted?.label}.`,
  )
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="choose-tire">
      <DialogTitle id="choose-tire">
        Tire for {job.unit} {tire.position}
      </DialogTitle>
      <DialogContent dividers>
        {send.error && (
          <Alert severity="error" sx={{ mb: 1 }}>
            {send.wrong('tire') ?? send.error.message}
          </Alert>
        )}
        {SOURCES.map(([source, words]) => {
          const here = tire.options.filter((option) => option.source === source)
          if (here.length === 0) return null
          return (
            <Box key={source} component="section" aria-label={words}>
              <Box component="h2" sx={{ typography: 'h3', m: 0, mt: 1.5, mb: 0.5 }}>
                {words}
              </Box>
              <Box sx={{ display: 'grid', gap: 0.75 }}>
                {here.map((option) => (
                  <OneChoice
                    key={`${option.tireId} ${option.orderLineId} ${option.tireModelId}`}
                    option={option}
                    isWanted={option === wanted}
                    onWant={() => setWanted(option)}
                  />
                ))}
              </Box>
            </Box>
          )
        })}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={!wanted} loading={send.busy} onClick={send.send}>
          Choose this tire
        </Button>
      </DialogActions>
    </Dialog>
  )
}

/** One tire, with what its check for the place says. What must not go there can't be chosen. */
function OneChoice({ option, isWanted, onWant }: { option: Choice; isWanted: boolean; onWant: () => void }) {
  const never = option.refusals.length > 0 || option.reserved
  return (
    <Button
      variant="outlined"
      fullWidth
      aria-pressed={isWanted}
      disabled={never}
      onClick={onWant}
      sx={{
        justifyContent: 'flex-start',
        textAlign: 'left',
        background: isWanted ? color.picked : color.sheet,
        '&.Mui-disabled': { color: color.quiet },
      }}
    >
      <span>
        <strong>{option.label}</strong>
        <Box component="span" sx={{ display: 'block', fontWeight: 400 }}>
          {option.details}
        </Box>
        {option.reserved && (
          <Box component="span" sx={{ display: 'block', fontWeight: 600 }}>
            Reserved for other work
          </Box>
        )}
        {[...option.refusals, ...option.notes].slice(0, 3).map((reason) => (
          <Box key={reason.statement} component="span" sx={{ display: 'flex', gap: 0.75, fontWeight: 500 }}>
            <VerdictIcon verdict={reason.verdict} size={14} /> {reason.statement}
          </Box>
        ))}
      </span>
    </Button>
  )
}
