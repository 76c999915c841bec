import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { answerOf, api, type Job, type Schemas } from '../api/client'
import { jobTiresQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { ByEar } from '../ui/ByEar'
import { useSend } from '../ui/useSend'
import { asRequest, ChooseTireDialog, choosesTire, type TireChoice } from './ChooseTireDialog'
import { say, sayAround } from './words'

type JobTire = Schemas['JobTireView']

const bold = (inner: ReactNode) => <strong>{inner}</strong>

/** Which tire goes on where: chosen, and checked for its place, before anybody lifts the vehicle. */
export function JobTires({ job, may }: { job: Job; may: boolean }) {
  const [units] = useUnits()
  const wanted = job.items.some(choosesTire)
  const tires = useQuery({ ...jobTiresQuery(job.id, units), enabled: wanted && !job.doneAt })
  const [choosing, setChoosing] = useState<JobTire>()
  if (!wanted || job.doneAt || !tires.data) return null
  return (
    <Box component="ul" aria-label={say('tiresThatGo2')} sx={{ listStyle: 'none', m: 0, mt: 1, p: 0 }}>
      {tires.data.map((tire) => (
        <Box component="li" key={tire.itemId} sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <span>
            {tire.chosen
              ? sayAround('getsATire', { position: tire.position, tire: tire.chosen }, { place: bold })
              : sayAround(
                  'getsATireNobodyHasChosen',
                  { position: tire.position },
                  { place: bold, none: (inner) => <Box component="em">{inner}</Box> },
                )}
          </span>
          {may && (
            <Button size="small" onClick={() => setChoosing(tire)} sx={{ minHeight: { xs: 44, sm: 32 } }}>
              {tire.chosen ? say('changeTire') : say('chooseTire')}{' '}
              <ByEar>{say('for', { position: tire.position })}</ByEar>
            </Button>
          )}
        </Box>
      ))}
      {choosing && <ChooseTire job={job} tire={choosing} onClose={() => setChoosing(undefined)} />}
    </Box>
  )
}

function ChooseTire({ job, tire, onClose }: { job: Job; tire: JobTire; onClose: () => void }) {
  const [units] = useUnits()
  const [wanted, setWanted] = useState<TireChoice>()
  const send = useSend(
    () =>
      answerOf(
        api.PUT('/api/jobs/{id}/items/{itemId}/tire', {
          params: { path: { id: job.id, itemId: tire.itemId }, query: { units } },
          body: wanted ? asRequest(wanted) : {},
        }),
      ),
    onClose,
    say('gets2', { unit: job.unit, position: tire.position, wanted: wanted?.label }),
  )
  return (
    <ChooseTireDialog
      title={say('tireFor', { unit: job.unit, position: tire.position })}
      options={tire.options}
      error={send.error ? (send.wrong('tire') ?? send.error.message) : undefined}
      busy={send.busy}
      wanted={wanted}
      onWant={setWanted}
      onChoose={send.send}
      onClose={onClose}
    />
  )
}
