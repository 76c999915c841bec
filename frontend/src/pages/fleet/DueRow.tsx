import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type DueLine } from '../../api/client'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { PostponeDialog } from '../../jobs/PostponeDialog'
import { useMay } from '../../session/session'
import type { Place } from '../../ui/LongList'
import { useSend } from '../../ui/useSend'
import { day, weekday, when } from '../../units/format'
import { type DueRowData, keyOf } from './dueRows'
import { say } from './words'

interface Props {
  row: DueRowData
  today: string
  /** A single line, where many rows stand in the group or its work is routine. */
  dense: boolean
  chosen: ReadonlySet<string>
  onChoose: (lines: DueLine[], chosen: boolean, range: boolean) => void
  onSchedule: (lines: DueLine[]) => void
  place: Place
}

/**
 * One vehicle's work in one group of the due list: what and where, the most urgent figure against its limit, how late, and the one
 * thing to do. The figure and the day shown are of the same piece of work; the others and all reasons unfold.
 */
export function DueRow({ row, today, dense, chosen, onChoose, onSchedule, place }: Props) {
  const may = useMay('COORDINATOR')
  const [unfolded, setUnfolded] = useState(false)
  const [first] = row.lines
  const open = row.lines.filter((line) => line.canBeScheduled && !line.scheduled)
  const all = open.length > 0 && open.every((line) => chosen.has(keyOf(line)))
  const works = row.works.map((work) => `${work.label} ${work.places}`.trim()).join(', ')
  const more = row.lines.length - 1
  return (
    <li className={dense ? 'due-row dense' : 'due-row'} {...place}>
      <div className="line">
        {may && open.length > 0 ? (
          <label className="choose">
            <input
              type="checkbox"
              checked={all}
              onChange={(event) => onChoose(open, !all, (event.nativeEvent as MouseEvent).shiftKey === true)}
              aria-label={say('choose', { unit: row.unit, works })}
            />
          </label>
        ) : (
          <span className="choose" />
        )}
        {first.urgency === 'GOOD' ? <span /> : <VerdictIcon verdict={first.urgency} size={15} />}
        <Link className="unit" to={`/vehicles/${row.vehicleId}`}>
          {row.unit}
        </Link>
        <div className="text">
          <span className="work">
            {row.works.map((work, at) => (
              <span key={work.label}>
                {at > 0 && ', '}
                <strong>{work.label}</strong>
                {work.places && ` ${work.places}`}
              </span>
            ))}
          </span>
          <span className="phrase">
            {row.lines.length > 1 && first.positions.length > 0 && row.tires > first.positions.length && (
              <>{first.places}: </>
            )}
            {first.reason.statement}
            {more > 0 && ` · ${more} more`}
          </span>
        </div>
        <span className={first.days < 0 ? 'late over' : 'late'} title={day(first.due, today)}>
          {lateness(first, today)}
        </span>
        <Action row={row} open={open} today={today} may={may} onSchedule={onSchedule} />
        <button
          type="button"
          className="fold"
          aria-expanded={unfolded}
          aria-label={say('reasonsFor', { unit: row.unit, works })}
          onClick={() => setUnfolded(!unfolded)}
        >
          <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
            <path
              d={unfolded ? 'M2 8 L6 4 L10 8' : 'M2 4 L6 8 L10 4'}
              fill="none"
              stroke="currentColor"
              strokeWidth="2"
            />
          </svg>
        </button>
      </div>
      {unfolded && (
        <ul className="reasons">
          {row.lines.map((line) => (
            <Reason
              key={keyOf(line)}
              line={line}
              today={today}
              may={may}
              chosen={chosen.has(keyOf(line))}
              onChoose={(pick) => onChoose([line], pick, false)}
            />
          ))}
        </ul>
      )}
    </li>
  )
}

/** Overdue in days; this week with its weekday; else the day. */
function lateness(line: DueLine, today: string): string {
  if (line.days === 0) return 'today'
  if (line.days < 0) return say('dOverdue', { days: (-line.days).toLocaleString('en-US') })
  return `${line.days < 7 ? `${weekday(line.due).slice(0, 3)}, ` : ''}${day(line.due, today)}`
}

function Action(props: {
  row: DueRowData
  open: DueLine[]
  today: string
  may: boolean
  onSchedule: (lines: DueLine[]) => void
}) {
  const { row, open } = props
  const planned = row.lines.find((line) => line.scheduled)?.scheduled
  if (open.length === 0 && planned) {
    return (
      <Link className="action" to={`/shop?job=${planned.jobId}`}>
        {say('planned', { day: day(planned.day, props.today) })}
      </Link>
    )
  }
  if (props.may && open.length > 0) {
    return (
      <button
        type="button"
        className="action"
        aria-label={say('schedule', { unit: row.unit, works: row.works.map((work) => work.label).join(', ') })}
        onClick={() => props.onSchedule(open)}
      >
        {say('schedule2')}
      </button>
    )
  }
  if (row.lines.every((line) => line.workType === 'ROTATE')) {
    return (
      <Link
        className="action"
        to={`/vehicles/${row.vehicleId}/rotation`}
        aria-label={say('proposeRotation', { unit: row.unit })}
      >
        {say('propose')}
      </Link>
    )
  }
  return (
    <Link className="action" to={`/vehicles/${row.vehicleId}`} aria-label={say('open', { unit: row.unit })}>
      {say('open2')}
    </Link>
  )
}

/** One piece of work with everything known of it: figure, limit, what it means, what waiting brings. */
function Reason(props: {
  line: DueLine
  today: string
  may: boolean
  chosen: boolean
  onChoose: (chosen: boolean) => void
}) {
  const { line, may, today } = props
  const [postponing, setPostponing] = useState(false)
  const back = useSend<unknown>(
    () =>
      answerOf(
        api.DELETE('/api/vehicles/{id}/postponements/{work}', {
          params: { path: { id: line.vehicleId, work: line.key } },
        }),
      ),
    () => {},
    say('isDueAgain', { unit: line.unit, line: line.label.toLowerCase() }),
  )
  const name = `${line.label}, ${line.unit} ${line.places}`.trim()
  return (
    <li>
      <div className="head">
        {may && line.canBeScheduled && !line.scheduled && (
          <label className="choose">
            <input
              type="checkbox"
              checked={props.chosen}
              onChange={(event) => props.onChoose(event.target.checked)}
              aria-label={say('choose2', { name })}
            />
          </label>
        )}
        <strong>
          {line.places} {line.label}
        </strong>
        <span className="quiet">
          {line.days < 0 ? say('wasDue2') : 'due'} {day(line.due, today)} ({when(line.days)})
        </span>
      </div>
      <div>{line.reason.statement}</div>
      <div className="quiet">
        {line.reason.limit && say('limit', { limit: line.reason.limit })}
        {line.reason.explanation}
        {line.earliest &&
          say('betweenAnd', {
            earliest: day(line.earliest, today),
            latest: line.latest ? day(line.latest, today) : 'later',
          })}
        <span title={say('ifPostponed')}> {line.consequence}</span>
      </div>
      {line.postponement && (
        <div className="left">
          {say('postponedUntil', {
            until: day(line.postponement.until, today),
            by: line.postponement.by,
            reason: line.postponement.reason,
          })}
          {may && (
            <button type="button" onClick={() => back.send()}>
              {say('endPostponement')}
            </button>
          )}
        </div>
      )}
      <div className="ways">
        {(line.workType === 'REPLACE' || line.workType === 'CORRECT_MISMATCH') && (
          <Link to={`/vehicles/${line.vehicleId}/rotation?replace=${line.positions.join(',')}`}>
            {say('chooseTheTires')}
          </Link>
        )}
        {line.workType === 'ROTATE' && !line.scheduled && (
          <Link to={`/vehicles/${line.vehicleId}/rotation`}>{say('proposeRotation2')}</Link>
        )}
        {may && !line.scheduled && !line.postponement && line.urgency !== 'DO_NOT_OPERATE' && (
          <button type="button" aria-label={say('postpone', { name })} onClick={() => setPostponing(true)}>
            {say('postpone2')}
          </button>
        )}
        {line.scheduled && (
          <Link to={`/shop?job=${line.scheduled.jobId}`}>
            {say('planned', { day: day(line.scheduled.day, today) })}
          </Link>
        )}
      </div>
      {postponing && <PostponeDialog line={line} onClose={() => setPostponing(false)} />}
    </li>
  )
}

/** How the rows look, said once on their list: thousands of them pass by, and none works out its own. */
export const dueRowStyles = {
  listStyle: 'none',
  m: 0,
  p: 0,
  '& .due-row': { borderBottom: `1px solid ${color.hairline}` },
  '& .line': {
    display: 'grid',
    gridTemplateColumns: '26px 18px 58px minmax(0,1fr) auto 94px 26px',
    columnGap: '6px',
    alignItems: 'center',
    minHeight: 43,
    padding: '0 6px 0 8px',
  },
  '& .dense .line': { minHeight: 29 },
  '@media (min-width: 600px)': {
    '&.tight .dense .line': { minHeight: 24 },
    '&.tight .action, &.tight .fold, &.tight .choose': { minHeight: 24, height: 24, lineHeight: '22px' },
  },
  '& .choose': { display: 'grid', placeItems: 'center', minHeight: 26, cursor: 'pointer' },
  '& .choose input': { width: 20, height: 20, m: 0, accentColor: color.petrol, cursor: 'pointer' },
  '& .unit': {
    fontWeight: 650,
    lineHeight: '24px',
    whiteSpace: 'nowrap',
    overflow: 'hidden',
    textOverflow: 'ellipsis',
  },
  '& .text': { minWidth: 0, lineHeight: '17px' },
  '& .text > span': { display: 'block', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' },
  '& .dense .text': { display: 'flex', gap: '8px' },
  '& .dense .work': { flex: 'none', maxWidth: '62%' },
  '& .dense .phrase': { flex: '1 1 0', minWidth: 0 },
  '& .work strong': { fontWeight: 650 },
  '& .phrase, & .quiet': { color: color.quiet, fontSize: 12.5 },
  '& .late': { textAlign: 'right', whiteSpace: 'nowrap', fontSize: 13 },
  '& .late.over': { color: color.stop, fontWeight: 650 },
  '& .action': {
    font: 'inherit',
    fontSize: 12.5,
    fontWeight: 600,
    color: color.petrol,
    background: 'none',
    border: `1px solid ${color.petrol}`,
    borderRadius: '4px',
    minHeight: 26,
    padding: '0 6px',
    textAlign: 'center',
    textDecoration: 'none',
    lineHeight: '24px',
    whiteSpace: 'nowrap',
    cursor: 'pointer',
    '&:hover': { background: color.pointed },
  },
  '& a.action': { border: 0, textDecoration: 'underline' },
  '& .fold': {
    display: 'grid',
    placeItems: 'center',
    width: 26,
    height: 26,
    p: 0,
    border: 0,
    background: 'none',
    color: color.ink,
    cursor: 'pointer',
    borderRadius: '4px',
    '&:hover': { background: color.pointed },
  },
  '& .reasons': { listStyle: 'none', m: 0, p: '2px 12px 8px 58px', background: color.sheet },
  '& .reasons > li': { padding: '6px 0', borderTop: `1px solid ${color.hairline}` },
  '& .reasons .head': { display: 'flex', gap: '8px', alignItems: 'center', flexWrap: 'wrap' },
  '& .reasons .left': { fontSize: 12.5, fontWeight: 650 },
  '& .ways': { display: 'flex', gap: '16px', fontSize: 12.5, lineHeight: '24px' },
  '& .reasons button': {
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
  // On a phone: no choosing of many; the row is opened by its whole right end.
  '@media (max-width: 599px)': {
    '& .line, & .dense .line': {
      gridTemplateColumns: '18px auto minmax(0,1fr) auto 44px',
      gridTemplateAreas: '"state unit work late fold" "state unit phrase phrase fold"',
      rowGap: 0,
      minHeight: 48,
      padding: '3px 0 3px 10px',
    },
    '& .line > .choose, & .line > .action': { display: 'none' },
    '& .unit': { gridArea: 'unit', lineHeight: '44px', minWidth: 44 },
    '& .late': { gridArea: 'late' },
    '& .text, & .dense .text': { display: 'contents' },
    '& .work, & .dense .work': { gridArea: 'work', maxWidth: 'none' },
    '& .phrase': { gridArea: 'phrase' },
    '& .fold': { gridArea: 'fold', width: 44, height: 48 },
    '& .reasons': { paddingLeft: '34px' },
    '& .reasons .choose': { minWidth: 44, minHeight: 44 },
    '& .ways': { lineHeight: '44px' },
    '& .reasons button': { minHeight: 44 },
  },
} as const
