import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useEffect, useRef, useState } from 'react'
import type { DueLine, Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { DueRow, dueRows } from '../../jobs/DueRow'
import { ScheduleDialog } from '../../jobs/ScheduleDialog'
import { useMay } from '../../session/session'
import { LongList } from '../../ui/LongList'
import { More } from '../../ui/More'
import { many } from '../../units/format'

const keyOf = (line: DueLine) => `${line.vehicleId} ${line.key}`

const PARTS: { title: string; part: keyof Schemas['DueParts']; group: DueLine['group'] }[] = [
  { title: 'Do not operate', part: 'doNotOperate', group: 'DO_NOT_OPERATE' },
  { title: 'Due now', part: 'now', group: 'DUE_NOW' },
  { title: 'Upcoming', part: 'upcoming', group: 'UPCOMING' },
]

/** So many lines in all stand in the page whole. */
const FEW = 150

/** What is due, most urgent first; some of it can be chosen and put on a day. */
export function DueList({
  due,
  parts,
  today,
  withinDays,
  more,
}: {
  due: DueLine[]
  parts: Schemas['DueParts']
  today: string
  withinDays: number
  more: (() => void) | undefined
}) {
  const all = parts.doNotOperate + parts.now + parts.upcoming
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  const [scheduling, setScheduling] = useState(false)
  const head = useRef<HTMLHeadingElement>(null)
  const scheduled = useRef(false)
  // Once the dialog is gone, which would hold the focus: the button that had it can’t be pressed any more.
  useEffect(() => {
    if (scheduling || !scheduled.current) return
    scheduled.current = false
    head.current?.focus()
  }, [scheduling])
  const may = useMay('COORDINATOR')
  const picked = due.filter((line) => chosen.has(keyOf(line)) && !line.scheduled)
  const toggle = (line: DueLine) =>
    setChosen((before) => {
      const next = new Set(before)
      if (!next.delete(keyOf(line))) next.add(keyOf(line))
      return next
    })
  return (
    <Box
      component="section"
      aria-label="Due"
      sx={{
        background: color.sheet,
        borderLeft: { lg: 1 },
        borderTop: { xs: 1, lg: 0 },
        '&&': { borderColor: color.hairline },
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <Box
        sx={{
          position: 'sticky',
          top: 0,
          zIndex: 2,
          background: color.sheet,
          px: 2,
          py: 1,
          borderBottom: 1,
          borderColor: 'divider',
          display: 'flex',
          alignItems: 'center',
          gap: 1,
        }}
      >
        <Box component="h2" ref={head} tabIndex={-1} sx={{ m: 0, fontSize: 15, fontWeight: 700 }}>
          Due
        </Box>
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {many(all, 'thing', 'things')} in the next {withinDays} days
        </Box>
        {may && (
          <Button
            sx={{ ml: 'auto' }}
            variant="contained"
            disabled={picked.length === 0}
            onClick={() => setScheduling(true)}
          >
            {picked.length === 0 ? 'Schedule…' : `Schedule ${picked.length}…`}
          </Button>
        )}
      </Box>
      {all === 0 && <Box sx={{ p: 2 }}>No due work matches these filters.</Box>}
      {PARTS.map((part) => {
        const held = due.filter((line) => line.group === part.group)
        if (held.length === 0) return null
        return (
          <Box key={part.title} component="section" aria-label={part.title}>
            <Box component="h3" sx={{ typography: 'h2', m: 0, px: 2, pt: 1.5, pb: 0.5 }}>
              {part.title} · {parts[part.part].toLocaleString('en-US')}
            </Box>
            <Box component="ul" sx={dueRows}>
              <LongList
                of={held}
                keyOf={keyOf}
                as="li"
                height={92}
                whole={due.length <= FEW}
                row={(line, place) => (
                  <DueRow
                    line={line}
                    today={today}
                    withVehicle
                    chosen={chosen.has(keyOf(line))}
                    onChoose={() => toggle(line)}
                    place={place}
                  />
                )}
              />
            </Box>
          </Box>
        )
      })}
      <More what="things due" more={more} />
      {scheduling && (
        <ScheduleDialog
          lines={picked}
          onClose={(done) => {
            setScheduling(false)
            if (!done) return
            setChosen(new Set())
            scheduled.current = true
          }}
        />
      )}
    </Box>
  )
}
