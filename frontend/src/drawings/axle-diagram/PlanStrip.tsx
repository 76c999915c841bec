import Box from '@mui/material/Box'
import { byEarOnly } from '../../base/byEar'
import { color } from '../../base/theme'
import { VerdictIcon } from '../verdict/VerdictIcon'
import { STATES } from '../verdict/verdicts'
import type { PlacedTire, Plan } from './geometry'
import { say } from './words'

type Mark = PlacedTire['mark']

const ROLE: Record<Plan['axles'][number]['role'], string> = {
  STEER: say('steer'),
  DRIVE: say('drive'),
  TAG: say('tag'),
  PUSHER: say('pusher'),
  TRAILER: say('trailer'),
}

/**
 * The vehicle from above, front up, in as little room as fingers allow: a row for each axle, a block for each tire with its position,
 * its lowest depth and its state. Stands where the whole drawing isn't the page's matter, and on a phone.
 */
export function PlanStrip(props: { plan: Plan; picked: string | undefined; onPick: (position: string) => void }) {
  const of = (code: string) => props.plan.tires.find((tire) => tire.position === code)
  const block = (code: string) => {
    const tire = of(code)
    return tire ? (
      <Tire key={code} tire={tire} picked={props.picked === code} onPick={() => props.onPick(code)} />
    ) : (
      <span key={code} />
    )
  }
  const spares = props.plan.tires.filter((tire) => tire.position.startsWith('S'))
  return (
    <Box
      role="group"
      aria-label={say('axleDiagramFrontUp')}
      sx={{ display: 'grid', gap: '4px', justifyContent: 'center' }}
    >
      {props.plan.axles.map((axle) => (
        <Box
          key={axle.number}
          sx={{
            display: 'grid',
            gridTemplateColumns: '44px 44px minmax(84px,auto) 44px 44px',
            columnGap: '3px',
            alignItems: 'center',
          }}
        >
          {axle.dual ? block(`${axle.number}LO`) : <span />}
          {block(axle.dual ? `${axle.number}LI` : `${axle.number}L`)}
          <Box
            sx={{
              textAlign: 'center',
              fontSize: 12,
              lineHeight: '15px',
              borderTop: `3px solid ${color.frame}`,
              pt: '3px',
            }}
          >
            <strong>{ROLE[axle.role]}</strong>
            <Box sx={{ color: 'text.secondary' }}>{axle.target ?? say('noTarget')}</Box>
          </Box>
          {block(axle.dual ? `${axle.number}RI` : `${axle.number}R`)}
          {axle.dual ? block(`${axle.number}RO`) : <span />}
        </Box>
      ))}
      {spares.length > 0 && (
        <Box sx={{ display: 'flex', gap: '3px', justifyContent: 'center' }}>
          {spares.map((one) => block(one.position))}
        </Box>
      )}
    </Box>
  )
}

function Tire({ tire, picked, onPick }: { tire: Mark; picked: boolean; onPick: () => void }) {
  const depth = tire.tread?.lowest ?? ''
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={picked}
      onClick={onPick}
      sx={{
        position: 'relative',
        width: 44,
        height: 44,
        p: 0,
        font: 'inherit',
        fontSize: 12,
        lineHeight: '15px',
        color: '#fff',
        background: color.rubber,
        border: 0,
        borderRadius: '7px',
        cursor: 'pointer',
        outline: picked ? `3px solid ${color.amber}` : undefined,
        outlineOffset: -3,
      }}
    >
      <strong>{tire.position}</strong>
      <Box component="span" sx={{ display: 'block' }}>
        {depth.replace(' in', '') || '–'}
      </Box>
      <Box component="span" sx={byEarOnly}>
        {tire.name}: {tire.headline ?? STATES[tire.verdict].word}
      </Box>
      {tire.verdict !== 'GOOD' && (
        <Box
          component="span"
          sx={{
            position: 'absolute',
            top: -3,
            right: -3,
            background: color.sheet,
            borderRadius: '50%',
            p: '1px',
            display: 'flex',
          }}
        >
          <VerdictIcon verdict={tire.verdict} size={14} named={false} />
        </Box>
      )}
    </Box>
  )
}
