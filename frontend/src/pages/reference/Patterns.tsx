import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { patternsQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { TreadSection } from '../../drawings/tread-section/TreadSection'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { say } from './words'

type Card = Schemas['WearPatternCard']
type Shape = Card['shape']

/** How each pattern looks across the tread, and how hand and eye tell it from its neighbors. */
const LOOK: Partial<Record<Shape, { depths: [number, number, number]; tell: string }>> = {
  EVEN: { depths: [10, 10, 10], tell: say('noZoneMuchLowerThan') },
  CENTER: {
    depths: [10, 6, 10],
    tell: say('centerIsLowerThanBoth'),
  },
  BOTH_SHOULDERS: {
    depths: [6, 10, 6],
    tell: say('bothEdgesLieLowerThan'),
  },
  OUTER_SHOULDER: {
    depths: [6, 8, 10],
    tell: say('itFallsOffTowards'),
  },
  INNER_SHOULDER: {
    depths: [10, 8, 6],
    tell: say('itIsWornToward'),
  },
  FEATHERING: {
    depths: [9, 9, 9],
    tell: say('depthsMayBeEven'),
  },
  CUPPING: { depths: [8, 8, 8], tell: say('scoopsRoundTheTireLow') },
  FLAT_SPOT: { depths: [8, 8, 8], tell: say('oneLowPlaceTheRest') },
}

/** The patterns as cards, and a round of practice on made-up treads. */
export function Patterns() {
  const [units] = useUnits()
  const cards = useQuery(patternsQuery(units))
  const [practicing, setPracticing] = useState(false)
  if (cards.isPending) return <LoadingLines lines={8} />
  if (cards.isError) return <LoadProblem error={cards.error} again={() => cards.refetch()} />
  return (
    <Page
      title={say('wearPatterns')}
      about={say('wearPatternsTheirCauses')}
      actions={
        <Button variant="contained" onClick={() => setPracticing(!practicing)}>
          {practicing ? say('backToTheCards') : say('practice')}
        </Button>
      }
    >
      {practicing ? (
        <Practice cards={cards.data} />
      ) : (
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 360px), 1fr))', gap: 2 }}>
          {cards.data.map((card) => (
            <Box
              component="section"
              key={card.shape}
              aria-label={card.label}
              sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5 }}
            >
              <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
                {card.label}
              </Box>
              <Drawing shape={card.shape} />
              <p style={{ margin: '4px 0' }}>
                {LOOK[card.shape]?.tell} {card.evidence}
              </p>
              {card.causes.length > 0 && (
                <p style={{ margin: '4px 0' }}>
                  <strong>{say('likely')}</strong> {card.causes.join('; ')}.
                </p>
              )}
              <p style={{ margin: '4px 0' }}>
                <strong>{say('firstCheck')}</strong> {card.firstCheck} {card.action}
              </p>
            </Box>
          ))}
        </Box>
      )}
    </Page>
  )
}

function Drawing({ shape }: { shape: Shape }) {
  const look = LOOK[shape]
  if (!look) return null
  if (shape === 'FEATHERING' || shape === 'CUPPING' || shape === 'FLAT_SPOT') return <Round shape={shape} />
  const [outer, center, inner] = look.depths
  return (
    <TreadSection
      title={shape.toLowerCase().replaceAll('_', ' ')}
      depths={{ outer, center, inner, full: 12, legal: 2, pull: 3 }}
      words={{ outer: `${outer}/32`, center: `${center}/32`, inner: `${inner}/32` }}
    />
  )
}

/** A stretch of the tread rolled out, for what only shows round the tire. */
function Round({ shape }: { shape: 'FEATHERING' | 'CUPPING' | 'FLAT_SPOT' }) {
  const path = {
    FEATHERING: `M4,40${Array.from({ length: 9 }, (_, at) => `L${4 + (at + 1) * 36},24L${4 + (at + 1) * 36},40`).join('')}`,
    CUPPING: `M4,26${Array.from({ length: 4 }, (_, at) => `C${4 + at * 81 + 20},26 ${4 + at * 81 + 24},52 ${4 + at * 81 + 40},52S${4 + at * 81 + 62},26 ${4 + (at + 1) * 81},26`).join('')}`,
    FLAT_SPOT: 'M4,26L130,26C140,26 146,54 160,54L182,54C196,54 200,26 212,26L328,26',
  }[shape]
  return (
    <svg
      viewBox="0 0 332 92"
      width="100%"
      role="img"
      aria-label={say('rolledOut', { replaceAll: shape.toLowerCase().replaceAll('_', ' ') })}
      style={{ maxWidth: 420 }}
    >
      <path d={`${path}L328,88L4,88Z`} fill={color.rubber} />
      <text x={166} y={80} textAnchor="middle" fontSize={15} fill="#fff">
        {say('rolledOutAlongTheWay')}
      </text>
    </svg>
  )
}

/** A made-up tread: name the pattern, see why. Different every time. */
function Practice({ cards }: { cards: Card[] }) {
  const [units] = useUnits()
  const [round, setRound] = useState(1)
  const [right, setRight] = useState(0)
  const [guess, setGuess] = useState<Shape>()
  const one = useQuery({
    queryKey: ['practice', round, units],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => answerOf(api.GET('/api/wear/practice', { params: { query: { units } } })),
  })
  if (one.isPending) return <LoadingLines lines={4} />
  if (one.isError) return <LoadProblem error={one.error} again={() => one.refetch()} />
  const tread = one.data
  const choose = (shape: Shape) => {
    if (guess) return
    setGuess(shape)
    if (shape === tread.answer) setRight(right + 1)
  }
  return (
    <Box component="section" aria-label={say('practice')} sx={{ display: 'grid', gap: 2, maxWidth: 760 }}>
      <Box sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 2 }}>
        <Box
          component="table"
          aria-label={say('whatTheGaugeShows')}
          sx={{ borderCollapse: 'collapse', '& td, & th': { p: 0.75, textAlign: 'right' } }}
        >
          <thead>
            <tr>
              <th scope="col">{say('placeRoundTheTire')}</th>
              <th scope="col">{say('outer')}</th>
              <th scope="col">{say('center')}</th>
              <th scope="col">{say('inner')}</th>
            </tr>
          </thead>
          <tbody>
            {tread.places.map((place, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: places are counted
              <tr key={at}>
                <td>{at + 1}</td>
                {place.map((depth, groove) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: grooves are counted
                  <td key={groove}>
                    <strong>{depth}</strong>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
        <p style={{ margin: '8px 0 0' }}>{tread.hand ?? say('byHandSmoothInBoth')}</p>
      </Box>
      <Box role="group" aria-label={say('whichPattern')} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {cards.map((card) => (
          <Button
            key={card.shape}
            variant={guess === card.shape ? 'contained' : 'outlined'}
            aria-pressed={guess === card.shape}
            onClick={() => choose(card.shape)}
            sx={{ minHeight: 44, background: guess === card.shape ? undefined : color.sheet }}
          >
            {card.label}
          </Button>
        ))}
      </Box>
      {guess && (
        <Alert severity={guess === tread.answer ? 'success' : 'info'} role="status">
          <strong>{guess === tread.answer ? say('right') : say('itIs', { answerWords: tread.answerWords })}</strong>
          {say('firstCheck2', { reason: tread.reason, firstCheck: tread.firstCheck })}
        </Alert>
      )}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Button
          variant="contained"
          disabled={!guess}
          onClick={() => {
            setGuess(undefined)
            setRound(round + 1)
          }}
        >
          {say('nextTread')}
        </Button>
        <span>{say('rightOf', { right, guess: guess ? round : round - 1 })}</span>
      </Box>
    </Box>
  )
}
