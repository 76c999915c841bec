import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { NavLink, Outlet, useOutletContext, useParams, useSearchParams } from 'react-router'
import type { DueLine, Schemas } from '../api/client'
import { vehicleQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { AxleDiagram, type Overlay } from '../drawings/axle-diagram/AxleDiagram'
import { VerdictIcon } from '../drawings/verdict/VerdictIcon'
import { STATES } from '../drawings/verdict/verdicts'
import { ScheduleDialog } from '../jobs/ScheduleDialog'
import { useMay } from '../session/session'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { day } from '../units/format'
import { StartWalkAround } from './StartWalkAround'
import { VehicleMenu } from './VehicleMenu'

export interface VehicleContext {
  vehicle: Schemas['VehicleView']
  picked: string | undefined
  pick: (position: string) => void
  schedule: (lines: DueLine[]) => void
}

export const useVehicle = () => useOutletContext<VehicleContext>()

const TABS = [
  { to: '', word: 'Overview' },
  { to: 'load-pressure', word: 'Load & pressure' },
  { to: 'wear', word: 'Wear' },
  { to: 'rotation', word: 'Rotation' },
  { to: 'sensors', word: 'Sensors' },
  { to: 'jobs', word: 'Jobs' },
  { to: 'dot-sheet', word: 'DOT sheet' },
  { to: 'history', word: 'History' },
]

/** One vehicle: its axle diagram at the left stays, the pages beside it change. */
export function VehiclePage() {
  const id = Number(useParams().id)
  const [units] = useUnits()
  const query = useQuery(vehicleQuery(id, units))
  const [search, setSearch] = useSearchParams()
  const may = useMay('COORDINATOR')
  const [overlays, setOverlays] = useState<Overlay[]>(['tread', 'pressure', 'age'])
  const [scheduling, setScheduling] = useState<DueLine[] | null>(null)
  if (query.isPending) return <LoadingLines lines={12} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const vehicle = query.data
  const picked = search.get('at') ?? undefined
  const pick = (position: string) => setSearch(position === picked ? {} : { at: position }, { replace: true })
  const open = vehicle.due.filter((line) => line.canBeScheduled && !line.scheduled && line.group !== 'UPCOMING')
  const context: VehicleContext = { vehicle, picked, pick, schedule: setScheduling }
  return (
    <>
      <Header
        vehicle={vehicle}
        onSchedule={open.length > 0 && may && !vehicle.retired ? () => setScheduling(open) : undefined}
      />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '428px minmax(0, 1fr)' },
          flex: 1,
          // Without the plan the paper belongs to the page beside it.
          '@media print': { display: 'block' },
        }}
      >
        <Box
          component="section"
          className="not-printed"
          aria-label="Axle diagram"
          sx={{
            borderRight: { md: 1 },
            borderColor: { md: 'divider' },
            p: 1.5,
            display: 'flex',
            flexDirection: 'column',
            alignItems: 'center',
            gap: 1,
          }}
        >
          <AxleDiagram plan={vehicle.axleDiagram} overlays={overlays} picked={picked} onPick={pick} />
          <ToggleButtonGroup
            size="small"
            value={overlays}
            onChange={(_, next: Overlay[]) => setOverlays(next)}
            aria-label="Show"
            sx={{ background: color.sheet, mt: 1 }}
          >
            <ToggleButton value="tread">Tread</ToggleButton>
            <ToggleButton value="pressure">Pressure</ToggleButton>
            <ToggleButton value="age">Age</ToggleButton>
          </ToggleButtonGroup>
          <PlanKey overlays={overlays} />
          {vehicle.placardLocation && (
            <Box sx={{ fontSize: 12.5 }}>
              <strong>Placard:</strong> {vehicle.placardLocation}
            </Box>
          )}
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box
            component="nav"
            className="not-printed"
            aria-label="Vehicle pages"
            sx={{ display: 'flex', flexWrap: 'wrap', px: { xs: 0.5, md: 2 }, borderBottom: 1, borderColor: 'divider' }}
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
  const stopped = vehicle.positions
    .filter((row) => row.assessment.verdict === 'DO_NOT_OPERATE')
    .map((row) => row.position)
  const facts = [
    vehicle.odometer,
    vehicle.milesPerDay && `${vehicle.milesPerDay} a day`,
    `GVWR ${vehicle.gvwr}`,
    vehicle.hasWorkingSensors ? 'pressure sensors' : 'No working pressure sensors',
    vehicle.loadState,
    vehicle.retired && 'retired',
    vehicle.parkedSince && `parked since ${day(vehicle.parkedSince, vehicle.today)}`,
  ]
  return (
    <Box
      className="not-printed"
      sx={{
        px: 2.5,
        py: 1.5,
        display: 'flex',
        gap: 2,
        alignItems: 'center',
        flexWrap: 'wrap',
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
        {vehicle.unit}
      </Box>
      <Box sx={{ color: 'text.secondary', lineHeight: 1.4, flex: '1 1 300px' }}>
        <div>
          {vehicle.description} · {vehicle.yard} yard
        </div>
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
        <Button variant="outlined" onClick={onSchedule} sx={{ background: color.sheet }}>
          Schedule what’s due…
        </Button>
      )}
      <VehicleMenu vehicle={vehicle} />
      {!vehicle.retired && <StartWalkAround vehicleId={vehicle.id} open={vehicle.openWalkAround} />}
    </Box>
  )
}

/** What the marks of the chosen overlays mean. */
function PlanKey({ overlays }: { overlays: Overlay[] }) {
  const keys = [
    overlays.includes('tread') && 'Bars: tread depth of the outer, center and inner groove. Dashed line: pull point.',
    overlays.includes('pressure') && 'Bar: cold pressure; long notch: target; red: 80% of it.',
    overlays.includes('age') && 'Ticks: years since the DOT week; long tick: limit.',
  ].filter(Boolean)
  if (keys.length === 0) return null
  return <Box sx={{ fontSize: 12, color: color.quiet, textAlign: 'center', maxWidth: 380 }}>{keys.join(' ')}</Box>
}
