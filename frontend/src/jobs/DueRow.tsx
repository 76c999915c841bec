import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type DueLine } from '../api/client'
import { color } from '../base/theme'
import { VerdictIcon } from '../drawings/verdict/VerdictIcon'
import { useMay } from '../session/session'
import type { Place } from '../ui/LongList'
import { useSend } from '../ui/useSend'
import { day, when } from '../units/format'
import { PostponeDialog } from './PostponeDialog'

/** One thing that is due: what, where, the figure against its limit, why, and by when. */
export function DueRow(props: {
  line: DueLine
  today: string
  withVehicle?: boolean
  chosen: boolean
  onChoose: () => void
  place?: Place
}) {
  const { line } = props
  const where = line.positions.join(' ')
  const may = useMay('COORDINATOR')
  const [leaving, setLeaving] = useState(false)
  const back = useSend<unknown>(
    () =>
      answerOf(
        api.DELETE('/api/vehicles/{id}/postponements/{work}', {
          params: { path: { id: line.vehicleId, work: line.key } },
        }),
      ),
    () => {},
  )
  const name = `${line.label}, ${line.unit}${where && ` ${where}`}`
  return (
    <li className="due-row" {...props.place}>
      {may && line.canBeScheduled && !line.scheduled ? (
        <label className="choose">
          <input type="checkbox" checked={props.chosen} onChange={props.onChoose} aria-label={`Choose: ${name}`} />
        </label>
      ) : (
        <span />
      )}
      <span className="state">
        <VerdictIcon verdict={line.urgency} size={14} />
      </span>
      <div>
        <div className="strong">
          {props.withVehicle && (
            <>
              <Link to={`/vehicles/${line.vehicleId}`}>{line.unit}</Link>{' '}
            </>
          )}
          {where && `${where} `}
          <span className="work">{line.label}</span>
        </div>
        <div>{line.reason.statement}</div>
        <div className="quiet">
          {line.reason.limit && `Limit: ${line.reason.limit}. `}
          {line.reason.explanation}
          {line.earliest &&
            ` Between ${day(line.earliest, props.today)} and ${line.latest ? day(line.latest, props.today) : 'later'}.`}
          <span title="If postponed"> {line.consequence}</span>
        </div>
        {line.postponement && (
          <div className="left">
            Postponed until {day(line.postponement.until, props.today)} by {line.postponement.by}:{' '}
            {line.postponement.reason}{' '}
            {may && (
              <button type="button" onClick={() => back.send()}>
                End postponement
              </button>
            )}
          </div>
        )}
      </div>
      <div className="when">
        <div className={line.days <= 0 ? 'strong' : undefined}>{when(line.days)}</div>
        <div className="quiet">{day(line.due, props.today)}</div>
        {line.workType === 'ROTATE' && !line.scheduled && (
          <Link to={`/vehicles/${line.vehicleId}/rotation`}>propose</Link>
        )}
        {may && !line.scheduled && !line.postponement && line.urgency !== 'DO_NOT_OPERATE' && (
          <button type="button" aria-label={`Postpone ${name}`} onClick={() => setLeaving(true)}>
            Postpone…
          </button>
        )}
        {leaving && <PostponeDialog line={line} onClose={() => setLeaving(false)} />}
        {line.scheduled && (
          <Link to={`/shop?job=${line.scheduled.jobId}`}>planned {day(line.scheduled.day, props.today)}</Link>
        )}
      </div>
    </li>
  )
}

/** How the rows look, said once on their list: thousands of them pass by, and none works out its own. */
export const dueRows = {
  listStyle: 'none',
  m: 0,
  p: 0,
  '& .due-row': {
    display: 'grid',
    gridTemplateColumns: '34px 18px minmax(0,1fr) auto',
    columnGap: '4px',
    alignItems: 'start',
    padding: '7px 8px',
    borderBottom: `1px solid ${color.hairline}`,
  },
  '& .due-row > div': { minWidth: 0 },
  '& .choose': { display: 'grid', placeItems: 'center', minHeight: 26, mt: '-3px', cursor: 'pointer' },
  '& .choose input': { width: 17, height: 17, m: 0, accentColor: color.petrol, cursor: 'pointer' },
  '& .state': { pt: '3px' },
  '& .strong': { fontWeight: 650 },
  '& .work': { fontWeight: 450 },
  '& .quiet': { color: color.quiet, fontSize: 12.5 },
  '& .left': { fontSize: 12.5, fontWeight: 650 },
  '& .when': { textAlign: 'right', whiteSpace: 'nowrap', pl: '8px' },
  '& .when > a': { display: 'block', fontSize: 12.5, lineHeight: '24px' },
  '& button': {
    font: 'inherit',
    fontSize: 12.5,
    color: color.petrol,
    background: 'none',
    border: 0,
    p: 0,
    minHeight: 24,
    cursor: 'pointer',
    '&:hover': { textDecoration: 'underline' },
  },
} as const
