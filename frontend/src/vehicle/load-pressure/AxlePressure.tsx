import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { ReactNode } from 'react'
import { color } from '../../base/theme'
import { PressureLadder } from '../../drawings/pressure-ladder/PressureLadder'
import { MethodsTable } from './MethodsTable'
import { NoticeList } from './NoticeList'
import type { AxleSheet } from './views'
import { say } from './words'

/** One axle: the target first, the ladder with every school on it, the figures it rests on, and what has to be known. */
export function AxlePressure(props: {
  axle: AxleSheet
  onWarning?: (() => void) | undefined
  onChalk?: (() => void) | undefined
}) {
  const { axle } = props
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,466px) minmax(0,1fr)' },
          gap: 2,
          alignItems: 'start',
        }}
      >
        <Box sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 1.25, minWidth: 0 }}>
          {axle.ladder ? (
            <>
              <PressureLadder ladder={axle.ladder} title={say('pressureLadderOfAxle', { axle: axle.axle })} />
              <Box sx={{ fontSize: 12, color: 'text.secondary', mt: 0.5 }}>
                {say('rungsLoadOneTireCarries', {
                  chart: axle.chart ? say('chart', { chart: axle.chart }) : say('dashedRungsAnEstimateNo'),
                  isDual: axle.isDual,
                })}
                {axle.ladder.readings.length > 0 &&
                  ` (${axle.ladder.readings.map((one) => `${one.label} ${one.pressure}`).join(', ')})`}
                .
              </Box>
            </>
          ) : (
            <Box sx={{ p: 2, color: 'text.secondary' }}>{axle.missing}</Box>
          )}
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap' }}>
            <Box sx={{ fontSize: 34, fontWeight: 750, fontStretch: '115%', lineHeight: 1 }}>
              {axle.target ?? say('noTarget')}
            </Box>
            <Box sx={{ color: 'text.secondary' }}>{say('coldAllTires')}</Box>
          </Box>
          <Box sx={{ mt: 0.75 }}>
            <strong>{axle.reason.statement}.</strong> {axle.reason.explanation}
          </Box>
          {axle.choiceReason && <Box sx={{ color: 'text.secondary' }}>{axle.choiceReason}.</Box>}
          <Facts axle={axle} />
          <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
            {props.onWarning && (
              <Button size="small" variant="outlined" onClick={props.onWarning} sx={{ background: color.sheet }}>
                {say('warningThreshold')}
              </Button>
            )}
            {props.onChalk && axle.maximum && (
              <Button size="small" variant="outlined" onClick={props.onChalk} sx={{ background: color.sheet }}>
                {say('chalkTest')}
              </Button>
            )}
          </Box>
          <NoticeList concerns={axle.notices} />
        </Box>
      </Box>
      <MethodsTable axle={axle} />
    </Box>
  )
}

function Facts({ axle }: { axle: AxleSheet }) {
  const limits = axle.margins.length > 0 ? <Limits margins={axle.margins} /> : say('notKnownWithoutAWeight')
  const facts: [string, ReactNode][] = [
    [
      say('loadPerTire'),
      axle.load ? (
        <>
          <strong>{axle.load}</strong>, {axle.loadFrom}
        </>
      ) : (
        say('neverWeighed')
      ),
    ],
    [
      say('capacityAtTarget'),
      axle.capacity ? (
        <>
          <strong>{axle.capacity}</strong>
          {axle.reserve && say('reserve', { reserve: axle.reserve })}
        </>
      ) : (
        say('notKnown')
      ),
    ],
    [say('minimumForTheLoad'), axle.minimumForLoad ?? say('notKnownWithoutAWeight')],
    [say('maximum'), axle.maximum ? `${axle.maximum}, ${axle.maximumLimitedBy}` : say('notOnFile')],
    [say('warningThreshold2'), axle.warning ?? say('notOnRecord')],
    [say('limits'), limits],
    [
      say('capacityNow'),
      axle.currentCapacity.capacity ? (
        <>
          <strong>{axle.currentCapacity.capacity}</strong>
          {say('onTheAxle', { statement: axle.currentCapacity.statement })}
        </>
      ) : (
        axle.currentCapacity.statement
      ),
    ],
  ]
  return (
    <Box
      component="dl"
      sx={{
        display: 'grid',
        gridTemplateColumns: '104px minmax(0,1fr)',
        columnGap: 1.5,
        rowGap: 0.4,
        m: 0,
        mt: 1.5,
        '& dt': { color: 'text.secondary' },
        '& dd': { m: 0 },
      }}
    >
      {facts
        .filter(([, value]) => value !== '')
        .map(([name, value]) => (
          <Box key={name} sx={{ display: 'contents' }}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </Box>
        ))}
    </Box>
  )
}

/** How far the load is from each limit, the tightest first. */
function Limits({ margins }: { margins: AxleSheet['margins'] }) {
  return (
    <Box component="ul" aria-label={say('limitsTheTightestFirst')} sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {margins.map((margin, at) => (
        <li key={margin.rated}>
          {margin.rated}:{' '}
          <span style={{ fontWeight: at === 0 ? 700 : 450, color: margin.isExceeded ? color.stop : undefined }}>
            {margin.remaining} {margin.isExceeded ? 'over' : 'left'}
          </span>
          {say('of', { limit: margin.limit })}
        </li>
      ))}
    </Box>
  )
}
