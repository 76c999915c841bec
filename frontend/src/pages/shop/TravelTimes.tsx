import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { Entry } from '../../ui/Entry'
import { say } from './words'

type Form = Schemas['ShopSetupRequest']

/** Minutes between each two yards: what a job costs that another yard's shop has to do. */
export function TravelTimes({
  form,
  usual,
  onChange,
  wrong,
}: {
  form: Form
  usual: number
  onChange: (form: Form) => void
  wrong: (field: string) => string | undefined
}) {
  const names = form.yards.map((yard) => yard.name)
  const pairs = names.flatMap((one, at) => names.slice(at + 1).map((other) => [one, other] as const))
  if (pairs.length === 0) return null
  const roads = form.travelTimes
  return (
    <Box component="section" aria-label={say('betweenTheYards')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        {say('betweenTheYards')}
      </Box>
      <Box component="p" sx={{ m: 0, mb: 1.5, color: 'text.secondary' }}>
        {say('jobItsOwnYardCannot', { usual })}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {pairs.map(([one, other]) => {
          const at = roads.findIndex(
            (road) => (road.one === one && road.other === other) || (road.one === other && road.other === one),
          )
          return (
            <Entry
              key={`${one} ${other}`}
              label={`${one} – ${other}`}
              value={at < 0 ? '' : String(roads[at]?.minutes)}
              onChange={(text) => {
                const rest = roads.filter((_, index) => index !== at)
                onChange({
                  ...form,
                  travelTimes: text.trim() === '' ? rest : [...rest, { one, other, minutes: Number(text) || 0 }],
                })
              }}
              error={at < 0 ? undefined : wrong(`travelTimes[${at}].minutes`)}
              unit="min"
              width={240}
            />
          )
        })}
      </Box>
    </Box>
  )
}
