import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, NavLink, Outlet, useLocation, useOutletContext, useParams, useSearchParams } from 'react-router'
import type { DueLine, Schemas } from '../api/client'
import { vehicleQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { VerdictIcon } from '../drawings/verdict/VerdictIcon'
import { STATES } from '../drawings/verdict/verdicts'
import { ScheduleDialog } from '../jobs/ScheduleDialog'
import { useMay } from '../session/session'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { Title } from '../ui/Title'
import { day } from '../units/format'
import { StartWalkAround } from './StartWalkAround'
import { VehicleMenu } from './VehicleMenu'
import { VehiclePlan } from './VehiclePlan'
import { say } from './words'

export interface VehicleContext {
  vehicle: Schemas['VehicleView']
  picked: string | undefined
  pick: (position: string) => void
  schedule: (lines: DueLine[]) => void
}

export const useVehicle = () => useOutletContext<VehicleContext>()

const TABS = [
  { to: '', word: say('overview') },
  { to: 'load-pressure', word: 'Load & pressure' },
  { to: 'wear', word: say('wear') },
  { to: 'rotation', word: say('rotation') },
  { to: 'sensors', word: say('sensors') },
  { to: 'jobs', word: say('jobs') },
  { to: 'dot-sheet', word: say('dotSheet') },
  { to: 'history', word: say('history') },
]

/** Pages that are about what the diagram shows. */
const MATTERS = new Set(['', 'load-pressure', 'wear', 'sensors'])

/** One vehicle: its axle diagram at the left stays, the pages beside it change. */
export function VehiclePage() {
  const id = Number(useParams().id)
  const [units] = useUnits()
  const query = useQuery(vehicleQuery(id, units))
  const [search, setSearch] = useSearchParams()
  const may = useMay('COORDINATOR')
  const part = useLocation().pathname.split('/')[3] ?? ''
  const matter = MATTERS.has(part)
  const [scheduling, setScheduling] = useState<DueLine[] | null>(null)
  if (query.isPending) return <LoadingLines lines={12} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const vehicle = query.data
  const picked = search.get('at') ?? undefined
  const pick = (position: string) => setSearch(position === picked ? {} : { at: position }, { replace: true })
  const open = vehicle.due.filter(
    (line) => line.canBeScheduled && !line.scheduled && (line.group === 'DO_NOT_OPERATE' || line.days <= 0),
  )
  const context: VehicleContext = { vehicle, picked, pick, schedule: setScheduling }
  return (
    <>
      <Title>{[vehicle.unit, TABS.find((tab) => tab.to === part)?.word].filter(Boolean).join(', ')}</Title>
      <Header
        vehicle={vehicle}
        onSchedule={open.length > 0 && may && !vehicle.retired ? () => setScheduling(open) : undefined}
      />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'auto minmax(0, 1fr)' },
          alignContent: 'start',
          flex: 1,
          // Without the plan the paper belongs to the page beside it.
          '@media print': { display: 'block' },
        }}
      >
        <VehiclePlan
          key={matter ? 'matter' : 'beside'}
          vehicle={vehicle}
          picked={picked}
          pick={pick}
          isMatter={matter}
        />
        <Box sx={{ minWidth: 0 }}>
          <Box
            component="nav"
            className="not-printed"
            aria-label={say('vehiclePages')}
            sx={{
              display: 'flex',
              flexWrap: { xs: 'nowrap', md: 'wrap' },
              overflowX: { xs: 'auto', md: 'visible' },
              px: { xs: 0.5, md: 2 },
              borderBottom: 1,
              borderColor: 'divider',
            }}
          >
            {TABS.map((tab) => (
              <Box
                key={tab.to}
                component={NavLink}
                to={tab.to}
                end
                sx={{
                  px: 1.5,
                  py: 1.4,
                  whiteSpace: 'nowrap',
                  color: 'text.primary',
                  textDecoration: 'none',
                  borderBottom: '2px solid transparent',
                  '&.active': { color: 'primary.main', fontWeight: 700, borderColor: 'primary.main' },
                }}
              >
                {tab.word}
              </Box>
            ))}
          </Box>
          <Outlet context={context} />
        </Box>
      </Box>
      {scheduling && <ScheduleDialog lines={scheduling} onClose={() => setScheduling(null)} />}
    </>
  )
}

function Header({ vehicle, onSchedule }: { vehicle: Schemas['VehicleView']; onSchedule: (() => void) | undefined }) {
  const mayRecord = useMay('TECHNICIAN')
  const stopped = vehicle.positions
    .filter((row) => row.assessment.verdict === 'DO_NOT_OPERATE')
    .map((row) => row.position)
  const facts = [
    vehicle.odometer,
    vehicle.milesPerDay && say('day', { milesPerDay: vehicle.milesPerDay }),
    `GVWR ${vehicle.gvwr}`,
    vehicle.hasWorkingSensors ? say('pressureSensors') : say('noWorkingPressureSensors'),
    vehicle.loadState,
    vehicle.retired && 'retired',
    vehicle.parkedSince && say('parkedSince', { parkedSince: day(vehicle.parkedSince, vehicle.today) }),
  ]
  return (
    <Box
      className="not-printed"
      sx={{
        px: { xs: 1.5, md: 2.5 },
        py: { xs: 1, md: 1.5 },
        display: 'flex',
        columnGap: { xs: 1, md: 2 },
        rowGap: { xs: 0.5, md: 2 },
        alignItems: 'center',
        flexWrap: 'wrap',
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
        {vehicle.unit}
      </Box>
      <Box
        sx={{
          color: 'text.secondary',
          lineHeight: 1.4,
          flex: { xs: '1 1 100%', md: '1 1 300px' },
          order: { xs: 1, md: 0 },
          fontSize: { xs: 12.5, md: 13.5 },
        }}
      >
        <div>{say('yard', { vehicle: vehicle.description, yard: vehicle.yard })}</div>
        <div>{facts.filter(Boolean).join(' · ')}</div>
      </Box>
      <Box
        sx={{
          ml: 'auto',
          display: 'flex',
          gap: 1,
          alignItems: 'center',
          fontWeight: 700,
          color: STATES[vehicle.verdict].colour,
        }}
      >
        <VerdictIcon verdict={vehicle.verdict} size={20} named={false} />
        {STATES[vehicle.verdict].word[0]?.toUpperCase()}
        {STATES[vehicle.verdict].word.slice(1)}
        {stopped.length > 0 && `: ${stopped.join(', ')}`}
      </Box>
      {onSchedule && (
        <Button variant="outlined" onClick={onSchedule} sx={{ background: color.sheet, order: { xs: 2, md: 0 } }}>
          {say('scheduleWhatsDue')}
        </Button>
      )}
      <Box sx={{ display: 'flex', gap: 1, order: { xs: 2, md: 0 }, '& button': { minHeight: { xs: 44, md: 36 } } }}>
        {!vehicle.retired && mayRecord && vehicle.positions.some((row) => row.tireId === undefined) && (
          <Button
            component={Link}
            to={`/vehicles/${vehicle.id}/tires`}
            variant="outlined"
            sx={{ background: color.sheet }}
          >
            {say('recordItsTires')}
          </Button>
        )}
        <VehicleMenu vehicle={vehicle} />
        {!vehicle.retired && <StartWalkAround vehicleId={vehicle.id} open={vehicle.openWalkAround} />}
      </Box>
    </Box>
  )
}
