import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api } from '../../api/client'
import { loadPressureQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { PageParts } from '../../ui/PageParts'
import { day } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { AxlePressure } from './AxlePressure'
import { ChalkTestDialog } from './ChalkTestDialog'
import { LossSection } from './LossSection'
import { MethodDialog } from './MethodDialog'
import { ScaleTicketDialog } from './ScaleTicketDialog'
import { LoadStateDialog, TripDialog } from './StateDialogs'
import { StatesTable } from './StatesTable'
import { ThresholdDialog } from './ThresholdDialog'
import type { AxleSheet, LoadPressureView } from './views'
import { Weights } from './Weights'
import { say } from './words'

export type Asking =
  | { what: 'weigh' | 'choose' | 'state' | 'trip' }
  | { what: 'warning' | 'chalk'; axle: AxleSheet }
  | undefined

/** From the scale scale ticket to the figure on the gauge: what each axle weighs, what every school says, and what is lost since. */
export function LoadPressure() {
  const { vehicle, picked } = useVehicle()
  const [units] = useUnits()
  const query = useQuery(loadPressureQuery(vehicle.id, units))
  const [axle, setAxle] = useState<number>()
  const [asking, setAsking] = useState<Asking>()
  const technician = useMay('TECHNICIAN')
  const coordinator = useMay('COORDINATOR')
  const queries = useQueryClient()
  const notice = useNotice()
  const cancel = useMutation({
    mutationFn: (trip: number) =>
      answerOf(api.DELETE('/api/vehicles/{id}/trips/{trip}', { params: { path: { id: vehicle.id, trip } } })),
    onSuccess: async () => {
      await queries.invalidateQueries()
      notice({ text: say('tripCanceledItsJobs') })
    },
    onError: (error) => notice({ text: error.message }),
  })
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const page = query.data
  const onPlan = Number(picked?.[0])
  const shown = page.axles.find((one) => one.axle === (axle ?? (onPlan || 1))) ?? page.axles[0]
  const close = () => setAsking(undefined)
  const axles = (
    <Box component="section" aria-label={say('axles')}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={shown?.axle ?? null}
        onChange={(_, next: number | null) => next && setAxle(next)}
        aria-label={say('axle4')}
        sx={{ background: color.sheet, mb: 1.5, flexWrap: 'wrap' }}
      >
        {page.axles.map((one) => (
          <ToggleButton key={one.axle} value={one.axle} sx={{ px: 2 }}>
            {say('axle', { axle: one.axle, role: one.role.toLowerCase() })}
            <Box component="strong" sx={{ ml: 1 }}>
              {one.target ?? say('noTarget2')}
            </Box>
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {shown && (
        <AxlePressure
          axle={shown}
          onWarning={technician ? () => setAsking({ what: 'warning', axle: shown }) : undefined}
          onChalk={technician ? () => setAsking({ what: 'chalk', axle: shown }) : undefined}
        />
      )}
    </Box>
  )
  return (
    <Box sx={{ px: { xs: 1.5, md: 2 }, py: 1.5, display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>
      <Box sx={{ display: 'flex', gap: 1, rowGap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Box sx={{ width: '100%' }}>
          <InForce page={page} onCancelTrip={coordinator ? (trip) => cancel.mutate(trip) : undefined} />
        </Box>
        {technician && (
          <>
            <Button variant="contained" onClick={() => setAsking({ what: 'weigh' })}>
              {say('addScaleTicket')}
            </Button>
            <Button
              variant="outlined"
              component={Link}
              to={`/vehicles/${vehicle.id}/check-and-adjust`}
              sx={{ background: color.sheet }}
            >
              {say('checkAndAdjust')}
            </Button>
            <Button
              component="a"
              href={`/api/vehicles/${vehicle.id}/pdf/pressure-card.pdf?units=${units}`}
              target="_blank"
              rel="noreferrer"
            >
              {say('pressureCard')}
            </Button>
          </>
        )}
        {coordinator && (
          <>
            <Button onClick={() => setAsking({ what: 'choose' })}>{say('chooseMethod2')}</Button>
            <Button onClick={() => setAsking({ what: 'state' })}>{say('loadState')}</Button>
            <Button onClick={() => setAsking({ what: 'trip' })}>{say('bookATrip')}</Button>
          </>
        )}
      </Box>
      {page.notes.map((note) => (
        <Box key={note} sx={{ borderLeft: 4, borderColor: color.watch, pl: 1.5, py: 0.5 }}>
          {note}
        </Box>
      ))}
      <PageParts
        label={say('partsOfLoadAndPressure')}
        parts={[
          { key: 'axles', word: say('pressureByAxle'), show: () => axles },
          {
            key: 'loads',
            word: say('loadsAndWeights'),
            show: () => (
              <>
                <StatesTable page={page} />
                <Weights page={page} vehicleId={vehicle.id} />
              </>
            ),
          },
          { key: 'loss', word: say('lossOfPressure'), show: () => <LossSection vehicleId={vehicle.id} /> },
        ]}
      />
      {asking?.what === 'weigh' && <ScaleTicketDialog vehicle={vehicle} page={page} onClose={close} />}
      {asking?.what === 'choose' && <MethodDialog vehicleId={vehicle.id} page={page} onClose={close} />}
      {asking?.what === 'state' && <LoadStateDialog vehicleId={vehicle.id} page={page} onClose={close} />}
      {asking?.what === 'trip' && <TripDialog vehicleId={vehicle.id} onClose={close} />}
      {asking?.what === 'warning' && <ThresholdDialog vehicleId={vehicle.id} axle={asking.axle} onClose={close} />}
      {asking?.what === 'chalk' && <ChalkTestDialog vehicleId={vehicle.id} axle={asking.axle} onClose={close} />}
    </Box>
  )
}

function InForce(props: { page: LoadPressureView; onCancelTrip: ((id: number) => void) | undefined }) {
  const { page, onCancelTrip } = props
  return (
    <>
      <div>
        {say('setFor')}
        <strong>{say('load2', { stateLabel: page.stateLabel })}</strong>, {page.stateReason}
        {page.stateUntil && <strong>{say('until2', { stateUntil: day(page.stateUntil, page.today) })}</strong>}
        {page.trips.map((trip) => (
          <span key={trip.id}>
            {say('trip', { trip: trip.label, from: day(trip.from, page.today), until: day(trip.until, page.today) })}
            {onCancelTrip && (
              <Button
                size="small"
                onClick={() => onCancelTrip(trip.id)}
                aria-label={say('cancelTheTrip', { trip: trip.label, from: day(trip.from, page.today) })}
              >
                {say('cancelIt')}
              </Button>
            )}
          </span>
        ))}
      </div>
      <Box sx={{ color: 'text.secondary' }}>
        {page.choice ? (
          <>
            {say('method')}
            <strong>{page.choice.label}</strong>
            {say('chosenBy', { by: page.choice.by, on: day(page.choice.on, page.today), reason: page.choice.reason })}
            {page.choice.allowsBelowPlacard && say('managerAllowedLessThan')}
          </>
        ) : (
          say('methodDefaultOrderNoneChosen')
        )}
      </Box>
    </>
  )
}
