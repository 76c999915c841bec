import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { day, localDay } from '../../units/format'
import { say } from './words'

/** Visits proposed for due work that shares wheels or days. */
export function CombinedVisits() {
  const [units] = useUnits()
  const bundles = useQuery({
    queryKey: ['bundles', units],
    queryFn: () => answerOf(api.GET('/api/bundles', { params: { query: { units } } })),
  })
  if (!bundles.data || bundles.data.length === 0) return null
  return (
    <Box component="section" aria-label={say('workThatCanShare')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {say('workThatCanShare')}
      </Box>
      {bundles.data.map((bundle) => (
        <OneBundle key={bundle.vehicleId} bundle={bundle} />
      ))}
    </Box>
  )
}

function OneBundle({ bundle }: { bundle: Schemas['BundleView'] }) {
  const [units] = useUnits()
  const may = useMay('COORDINATOR')
  const notice = useNotice()
  const today = localDay(new Date())
  const on = bundle.day < today ? today : bundle.day
  const form = useSend<Schemas['JobView'][]>(
    (key) =>
      answerOf(
        api.POST('/api/jobs', {
          params: { query: { units }, header: { 'Idempotency-Key': key } },
          body: {
            day: on,
            work: bundle.keys.map((one) => ({ vehicleId: bundle.vehicleId, key: one })),
          },
        }),
      ),
    () => notice({ text: say('oneVisit', { unit: bundle.unit, on: day(on) }) }),
    null,
  )
  return (
    <Box
      sx={{
        background: color.sheet,
        border: 1,
        borderColor: 'divider',
        p: 1.25,
        mb: 1,
        display: 'flex',
        gap: 2,
        flexWrap: 'wrap',
      }}
    >
      <Box sx={{ flex: '1 1 420px', minWidth: 0 }}>
        <Link to={`/vehicles/${bundle.vehicleId}`}>
          <strong>{bundle.unit}</strong>
        </Link>
        {say('oneVisitMinutes', { minutes: bundle.minutes })}
        <strong>{say('minutesSaved', { saved: bundle.saved })}</strong>
        {bundle.lifted.length > 0 && say('wheelsLiftedOnce', { lifted: bundle.lifted.join(' ') })}
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {bundle.work.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
        {bundle.forward.length > 0 && (
          <Box sx={{ color: 'text.secondary' }}>{say('broughtForward', { forward: bundle.forward.join('; ') })}</Box>
        )}
      </Box>
      {may && (
        <Button variant="outlined" onClick={form.send} loading={form.busy} sx={{ alignSelf: 'start' }}>
          {say('combineIntoOneJob')}
        </Button>
      )}
    </Box>
  )
}
