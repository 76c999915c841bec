import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import useMediaQuery from '@mui/material/useMediaQuery'
import { useEffect, useRef, useState } from 'react'
import type { DueLine, Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { ScheduleDialog } from '../../jobs/ScheduleDialog'
import { useMay } from '../../session/session'
import { LongList } from '../../ui/LongList'
import { More } from '../../ui/More'
import { many } from '../../units/format'
import { DueRow, dueRowStyles } from './DueRow'
import { type DueRowData, keyOf, rowsOf } from './dueRows'
import { say } from './words'

type Group = DueLine['group']

/** The groups with what each means for the vehicle; routine work stands in single lines. */
const GROUPS: Record<Group, { title: string; means: string; routine: boolean }> = {
  DO_NOT_OPERATE: { title: say('doNotOperate'), means: say('untilTheWorkIsComplete'), routine: false },
  OVERDUE: { title: say('overdue2'), means: say('mayBeOperated'), routine: false },
  THIS_WEEK: { title: say('thisWeek'), means: '', routine: true },
  NEXT_30_DAYS: { title: say('next30Days'), means: '', routine: true },
  LATER: { title: say('later'), means: '', routine: true },
}

/** From so many rows in one group on, each takes a single line: all of them are wanted on the first screen. */
const MANY = 12

/** And from so many on it is as low as a pointer can still hit. */
const VERY_MANY = 16

/** So many rows in all stand in the page whole. */
const FEW = 120

/** What is due, group by group, a row for each vehicle; some of it can be chosen and put on days. */
export function DueList({
  due,
  counts,
  today,
  withinDays,
  waiting,
  more,
}: {
  due: DueLine[]
  counts: Schemas['DueCount'][]
  today: string
  withinDays: number
  /** Whether another answer is on its way, and this one is of the question before. */
  waiting: boolean
  more: (() => void) | undefined
}) {
  const all = counts.reduce((sum, count) => sum + count.items, 0)
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  const [scheduling, setScheduling] = useState<DueLine[]>()
  const [folded, setFolded] = useState<Partial<Record<Group, boolean>>>({})
  const head = useRef<HTMLHeadingElement>(null)
  const lastChosen = useRef<string>(undefined)
  const scheduled = useRef(false)
  // Once the dialog is gone, which would hold the focus: the button that had it can’t be pressed any more.
  useEffect(() => {
    if (scheduling || !scheduled.current) return
    scheduled.current = false
    head.current?.focus()
  }, [scheduling])
  const may = useMay('COORDINATOR')
  const phone = useMediaQuery('(max-width: 599px)')
  const rows = rowsOf(due)
  const free = (row: DueRowData) => row.lines.filter((line) => line.canBeScheduled && !line.scheduled)
  const picked = rows.flatMap(free).filter((line) => chosen.has(keyOf(line)))
  const choose = (lines: DueLine[], pick: boolean) =>
    setChosen((before) => {
      const next = new Set(before)
      for (const line of lines) {
        if (pick) next.add(keyOf(line))
        else next.delete(keyOf(line))
      }
      return next
    })
  /** With Shift, every row from the one last chosen to this one. */
  const chooseRow = (row: DueRowData, lines: DueLine[], pick: boolean, range: boolean) => {
    const from = range ? rows.findIndex((one) => one.key === lastChosen.current) : -1
    const to = rows.indexOf(row)
    lastChosen.current = row.key
    choose(from < 0 ? lines : rows.slice(Math.min(from, to), Math.max(from, to) + 1).flatMap(free), pick)
  }
  return (
    <Box
      component="section"
      aria-label={say('due')}
      aria-busy={waiting}
      inert={waiting}
      sx={{
        background: color.sheet,
        borderLeft: { lg: 1 },
        borderTop: { xs: 1, lg: 0 },
        '&&': { borderColor: color.hairline },
        display: 'flex',
        flexDirection: 'column',
        opacity: waiting ? 0.4 : 1,
      }}
    >
      <Box
        component="h2"
        ref={head}
        tabIndex={-1}
        sx={{ position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)', m: 0 }}
      >
        {say('due')}
      </Box>
      {all === 0 && !waiting && <Box sx={{ p: 2 }}>{say('noDueWorkMatchesThese')}</Box>}
      {counts.map((count) => {
        const held = rows.filter((row) => row.group === count.group)
        if (held.length === 0) return null
        const { title, means, routine } = GROUPS[count.group]
        const isFolded =
          folded[count.group] ??
          ((count.group === 'LATER' || (phone && count.group === 'NEXT_30_DAYS')) && rows.length > held.length)
        const dense = routine || held.length > MANY
        const tight = held.length > VERY_MANY
        const open = held.flatMap(free)
        const every = open.length > 0 && open.every((line) => chosen.has(keyOf(line)))
        return (
          <Box key={count.group} component="section" aria-label={title}>
            <Box
              sx={{
                display: 'flex',
                alignItems: 'center',
                gap: 0.75,
                pl: 1,
                pr: 0.75,
                minHeight: 32,
                background: color.chalk,
                borderBottom: 1,
                borderColor: 'divider',
              }}
            >
              {may && open.length > 0 ? (
                <Box
                  component="label"
                  sx={{ width: 26, minHeight: 26, display: { xs: 'none', sm: 'grid' }, placeItems: 'center' }}
                >
                  <input
                    type="checkbox"
                    checked={every}
                    onChange={() => choose(open, !every)}
                    aria-label={say('chooseAll', { title })}
                    style={{ width: 20, height: 20, margin: 0, accentColor: color.petrol }}
                  />
                </Box>
              ) : (
                <Box sx={{ width: 26, display: { xs: 'none', sm: 'block' } }} />
              )}
              <Box component="h3" sx={{ m: 0, fontSize: 14, fontWeight: 700 }}>
                {title} · {many(count.vehicles, 'vehicle', 'vehicles')}
              </Box>
              <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5, ml: 'auto' }}>
                {means}
              </Box>
              <Button
                size="small"
                aria-expanded={!isFolded}
                aria-label={say('show', { isFolded, title })}
                onClick={() => setFolded({ ...folded, [count.group]: !isFolded })}
                sx={{ minWidth: 44, minHeight: { xs: 44, sm: 26 }, p: 0 }}
              >
                {isFolded ? say('show2') : say('hide')}
              </Button>
            </Box>
            {!isFolded && (
              <Box component="ul" className={tight ? 'tight' : ''} sx={dueRowStyles}>
                <LongList
                  of={held}
                  keyOf={(row) => row.key}
                  as="li"
                  height={tight ? 25 : dense ? 30 : 44}
                  whole={rows.length <= FEW}
                  row={(row, place) => (
                    <DueRow
                      row={row}
                      today={today}
                      dense={dense}
                      chosen={chosen}
                      onChoose={(lines, pick, range) => chooseRow(row, lines, pick, range)}
                      onSchedule={setScheduling}
                      place={place}
                    />
                  )}
                />
              </Box>
            )}
          </Box>
        )
      })}
      <More what={say('thingsDue')} more={more} />
      <Box sx={{ px: 1.5, py: 1, color: 'text.secondary', fontSize: 12.5 }}>
        {say('dueInTheNextDays', { many: many(all, 'thing', 'things'), withinDays })}
      </Box>
      {picked.length > 0 && (
        <Box
          sx={{
            position: 'sticky',
            bottom: 0,
            zIndex: 2,
            background: color.sheet,
            borderTop: 1,
            borderColor: 'divider',
            px: 1.5,
            py: 0.75,
            display: 'flex',
            gap: 1,
            alignItems: 'center',
          }}
        >
          <strong role="status">{say('chosen', { many: many(picked.length, 'thing', 'things') })}</strong>
          <Button sx={{ ml: 'auto' }} size="small" onClick={() => setChosen(new Set())}>
            {say('clear')}
          </Button>
          <Button variant="contained" size="small" onClick={() => setScheduling(picked)}>
            {say('schedule3', { count: picked.length })}
          </Button>
        </Box>
      )}
      {scheduling && (
        <ScheduleDialog
          lines={scheduling}
          onClose={(done) => {
            setScheduling(undefined)
            if (!done) return
            setChosen(new Set())
            scheduled.current = true
          }}
        />
      )}
    </Box>
  )
}
