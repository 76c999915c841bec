import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { DueLine } from '../../api/client'
import { color } from '../../base/theme'
import { TreadSection } from '../../drawings/tread-section/TreadSection'
import { WearChart } from '../../drawings/tread-section/WearChart'
import { useMay } from '../../session/session'
import { day } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import type { TireWear } from './tireWear'
import { say } from './words'

/** One tire: its section and pattern, why, what to do about it, and when it reaches its limits. */
export function TireWearView({ tire, due, today }: { tire: TireWear; due: DueLine[]; today: string }) {
  const { schedule } = useVehicle()
  const may = useMay('COORDINATOR')
  const work = due.filter((line) => line.workType === 'CORRECT_WEAR_CAUSE' && line.positions.includes(tire.position))
  const open = work.filter((line) => line.canBeScheduled && !line.scheduled)
  const planned = work.find((line) => line.scheduled)
  return (
    <Box component="section" aria-label={say('wearOf', { position: tire.position })} sx={{ display: 'grid', gap: 2 }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: '410px minmax(0,1fr)' },
          gap: 2,
          alignItems: 'start',
        }}
      >
        <Box sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 1.25 }}>
          {tire.section ? (
            <>
              <TreadSection
                title={say('treadOf', { position: tire.position })}
                depths={tire.section}
                words={{
                  outer: tire.section.outerWords,
                  center: tire.section.centerWords,
                  inner: tire.section.innerWords,
                  pull: tire.section.pullWords,
                  legal: tire.section.legalWords,
                }}
              />
              <Box sx={{ fontSize: 12, color: 'text.secondary' }}>
                {say('readHatchedWhatIsWorn', { on: day(tire.section.on, today) })}
                {tire.section.lowest && say('lowestPlace', { lowest: tire.section.lowest })}
              </Box>
            </>
          ) : (
            <Box sx={{ p: 2, color: 'text.secondary' }}>{say('measureTheOuterCenter')}</Box>
          )}
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ fontSize: 24, fontWeight: 750, fontStretch: '110%' }}>
            {tire.position} {tire.pattern?.label ?? say('patternUnknown')}
            {tire.pattern?.second && (
              <Box component="span" sx={{ fontSize: 15, fontWeight: 450 }}>
                {say('also', { second: tire.pattern.second })}
              </Box>
            )}
          </Box>
          <Box sx={{ color: 'text.secondary' }}>
            {tire.name} · {tire.tire}
          </Box>
          {tire.pattern?.action && (
            <Box sx={{ mt: 1 }}>
              <strong>{tire.pattern.action}</strong>
            </Box>
          )}
          {tire.conflict && (
            <Box role="note" sx={{ mt: 1, borderLeft: 4, borderColor: color.watch, pl: 1.25 }}>
              {tire.conflict}
            </Box>
          )}
          {open.length > 0 && may && (
            <Button variant="contained" sx={{ mt: 1.25 }} onClick={() => schedule(open)}>
              {say('scheduleThisWork')}
            </Button>
          )}
          {planned?.scheduled && (
            <Box sx={{ mt: 1 }}>{say('scheduledFor', { day: day(planned.scheduled.day, today) })}</Box>
          )}
          <Forecast tire={tire} today={today} />
        </Box>
      </Box>
      {tire.causes.length > 0 && <Causes tire={tire} />}
      {tire.unknown.length > 0 && (
        <Box>
          <strong>{say('missingEvidence')}</strong> {tire.unknown.join(' ')}
        </Box>
      )}
    </Box>
  )
}

function Causes({ tire }: { tire: TireWear }) {
  return (
    <Box
      component="ol"
      aria-label={say('causesMostLikelyFirst')}
      sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 1 }}
    >
      {tire.causes.map((cause, at) => (
        <Box
          component="li"
          key={cause.cause}
          sx={{
            background: color.sheet,
            border: 1,
            borderColor: 'divider',
            borderRadius: 1,
            p: 1.25,
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '220px minmax(0,1fr) minmax(0,1fr)' },
            gap: 1.5,
          }}
        >
          <div>
            <strong>
              {at + 1}. {cause.cause}
            </strong>
            <Box sx={{ fontSize: 12.5 }}>{cause.firstCheck}</Box>
          </div>
          <Evidence title={say('evidenceFor')} sign="+" lines={cause.evidenceFor} none={say('noneOnFile')} />
          <Evidence
            title={say('evidenceAgainst')}
            sign="−"
            lines={cause.evidenceAgainst}
            none={say('nothingOnRecordAgainst')}
          />
        </Box>
      ))}
    </Box>
  )
}

function Evidence(props: { title: string; sign: string; lines: string[]; none: string }) {
  return (
    <div>
      <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{props.title}</Box>
      {props.lines.length === 0 && <Box sx={{ color: 'text.secondary' }}>{props.none}</Box>}
      {props.lines.map((line) => (
        <div key={line}>
          <strong aria-hidden>{props.sign}</strong> {line}
        </div>
      ))}
    </div>
  )
}

function Forecast({ tire, today }: { tire: TireWear; today: string }) {
  const { forecast } = tire
  if (!forecast) return null
  return (
    <Box sx={{ mt: 1.5, display: 'grid', gap: 0.25 }}>
      <WearChart tire={tire} />
      <div>{forecast.rate ?? say('wearRateUnknownItNeeds')}</div>
      {forecast.pull && <div>{say('pullPoint', { pull: forecast.pull })}</div>}
      {forecast.legal && <div>{say('legalLimit', { legal: forecast.legal })}</div>}
      {forecast.nextLimit && (
        <div>
          {say('limiting')}
          <strong>{forecast.nextLimit}</strong>
          {forecast.nextLimitDate && ` (${day(forecast.nextLimitDate, today)})`}
        </div>
      )}
    </Box>
  )
}
