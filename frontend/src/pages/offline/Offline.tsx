import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api } from '../../api/client'
import { findingsQuery, fleetQuery, gaugesQuery, scopesQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color, mono } from '../../base/theme'
import { type OfflineUse, useOfflineUse } from '../../offline/serviceWorker'
import type { Sheet, WaitingEntry, WaitingPhoto } from '../../offline/store'
import { waitingWords } from '../../offline/UploadStatus'
import { uploadQueue } from '../../offline/uploadQueue'
import { useHeld } from '../../offline/useUploadQueue'
import { useMay } from '../../session/session'
import { Choice } from '../../ui/Entry'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { many, moment } from '../../units/format'
import { say } from './words'

const USE: Record<OfflineUse, string> = {
  ready: say('thisDeviceOpensRotagensWithout'),
  preparing: say('pagesAreBeingSaved'),
  insecure: say('offlineUseIsOff'),
  untrusted: say('offlineUseIsOff2'),
  unsupported: say('offlineUseIsNotAvailable'),
}

/** What this device takes into the yard, and what of it waits to be sent. */
export function Offline() {
  const held = useHeld()
  const use = useOfflineUse()
  const may = useMay('TECHNICIAN')
  useEffect(() => void uploadQueue.load(), [])
  const words = waitingWords(held)
  return (
    <Page title={say('offline')} about={say('walkAroundsOnThisDevice')}>
      <Alert severity={use === 'ready' || use === 'preparing' ? 'info' : 'warning'} sx={{ mb: 2, maxWidth: 820 }}>
        {USE[use]}
      </Alert>
      {words && (
        <Box sx={{ display: 'flex', columnGap: 2, rowGap: 1, alignItems: 'center', mb: 2, flexWrap: 'wrap' }}>
          <strong>{say('waitingToUpload', { words })}</strong>
          <Button variant="contained" onClick={() => void uploadQueue.sendAll()} sx={{ minHeight: 44 }}>
            {say('uploadNow')}
          </Button>
        </Box>
      )}
      {may && <TakeAlong />}
      {held.sheets.length === 0 ? (
        <p>{say('noVehiclesSavedForOffline')}</p>
      ) : (
        <Table label={say('onThisDevice')} heads={[say('vehicle'), 'Walk-around', say('waits'), '']} stacked>
          {[...held.sheets]
            .sort((one, other) => one.walkAround.unit.localeCompare(other.walkAround.unit))
            .map((sheet) => (
              <Row
                key={sheet.vehicleId}
                sheet={sheet}
                entries={held.entries.filter((one) => one.vehicleId === sheet.vehicleId)}
                photos={held.photos.filter((one) => one.vehicleId === sheet.vehicleId)}
              />
            ))}
        </Table>
      )}
      <Phones />
    </Page>
  )
}

function Row({ sheet, entries, photos }: { sheet: Sheet; entries: WaitingEntry[]; photos: WaitingPhoto[] }) {
  const waits = entries.length + photos.length > 0 || sheet.finish !== undefined
  return (
    <tr>
      <td>
        <strong>{sheet.walkAround.unit}</strong>
      </td>
      <td>
        {sheet.walkAround.scopeTitle},{' '}
        {sheet.walkAround.id === 0 ? say('notStarted') : say('startedBy', { startedBy: sheet.walkAround.startedBy })}
        <Box sx={{ color: 'text.secondary' }}>{say('asOf', { moment: moment(sheet.keptAt) })}</Box>
      </td>
      <td>
        {entries.map((one) => (
          <div key={one.id}>
            <Link to={`/vehicles/${one.vehicleId}/walk-around/${sheet.walkAround.id || 'sheet'}?at=${one.position}`}>
              {one.position}
            </Link>{' '}
            {one.state === 'conflict'
              ? say('alsoSavedThisChoose', { by: one.theirs?.by ?? say('anotherUser') })
              : one.state === 'refused'
                ? say('refusedLookAtTheMarked')
                : say('taken', { moment: moment(one.takenAt), by: one.by ? say('by', { by: one.by.name }) : '' })}
          </div>
        ))}
        {photos.map((photo) => (
          <div key={photo.id}>
            <Link
              to={`/vehicles/${photo.vehicleId}/walk-around/${sheet.walkAround.id || 'sheet'}?at=${photo.position}`}
            >
              {photo.position}
            </Link>{' '}
            {photo.problem
              ? say('photoRefused', { message: photo.problem.fields[0]?.message ?? photo.problem.detail })
              : say('photo')}
          </div>
        ))}
        {sheet.finish && (
          <div>
            {sheet.finish.problem
              ? say('couldNotBeFinished', {
                  message: sheet.finish.problem.fields[0]?.message ?? sheet.finish.problem.detail,
                })
              : say('toBeFinished')}
          </div>
        )}
        {!waits && '–'}
      </td>
      <td>
        <Button
          component={Link}
          size="small"
          variant="outlined"
          to={`/vehicles/${sheet.vehicleId}/walk-around/${sheet.walkAround.id || 'sheet'}`}
          sx={{ mr: 1, background: color.sheet }}
        >
          {say('walkAround')}
        </Button>
        {!waits && (
          <Button size="small" onClick={() => void uploadQueue.dropSheet(sheet.vehicleId)}>
            {say('removeFromDevice')}
          </Button>
        )}
      </td>
    </tr>
  )
}

/** How a phone of the local network gets here. */
function Phones() {
  const lan = useQuery({ queryKey: ['lan'], queryFn: () => answerOf(api.GET('/api/lan')), staleTime: 60_000 })
  if (!lan.data || lan.data.length === 0) return null
  return (
    <Box component="section" aria-label={say('phones')} sx={{ mt: 3 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {say('onAPhone')}
      </Box>
      <p style={{ margin: '0 0 8px', maxWidth: 640 }}>{say('pointThePhonesCameraHere')}</p>
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap' }}>
        {lan.data.map((one) => (
          <Box key={one.door} sx={{ width: 190 }}>
            <img
              src={`/api/qr?address=${encodeURIComponent(one.door.replace(/\/$/, ''))}&path=${encodeURIComponent('/')}`}
              alt={say('codeFor', { door: one.door })}
              width={180}
              height={180}
            />
            <Box sx={{ fontFamily: mono, fontSize: 13, overflowWrap: 'anywhere' }}>{one.door}</Box>
          </Box>
        ))}
      </Box>
    </Box>
  )
}

type Scope = 'FULL' | 'PRESSURE_ONLY' | 'PRE_TRIP' | 'POST_REPAIR'

/** Loads the sheets of a yard’s vehicles onto this device. */
function TakeAlong() {
  const [units] = useUnits()
  const fleet = useQuery(fleetQuery)
  const scopes = useQuery(scopesQuery)
  // Kept by the browser for the walk itself.
  useQuery(findingsQuery)
  useQuery(gaugesQuery(units))
  const [which, setWhich] = useState('')
  const [scope, setScope] = useState<Scope>('FULL')
  const vehicles = (fleet.data ?? []).filter((one) => which === '' || one.yard === which)
  const yards = [...new Set((fleet.data ?? []).map((one) => one.yard))].sort()
  const [done, setDone] = useState(0)
  const take = useMutation({
    mutationFn: async () => {
      setDone(0)
      for (const vehicle of vehicles) {
        const walk = await answerOf(
          api.GET('/api/vehicles/{vehicleId}/walk-around-draft', {
            params: { path: { vehicleId: vehicle.id }, query: { units, scope } },
          }),
        )
        await uploadQueue.keepSheet(walk, units)
        setDone((count) => count + 1)
      }
    },
  })
  if (!fleet.data) return null
  return (
    <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
      <Choice
        label={say('yard')}
        value={which}
        options={[['', say('allYards')], ...yards.map((one) => [one, one] as const)]}
        onChange={setWhich}
      />
      <Choice
        label={say('walkAround')}
        value={scope}
        options={(scopes.data ?? []).map((one) => [one.scope, one.title] as const)}
        onChange={setScope}
      />
      <Button variant="outlined" loading={take.isPending} onClick={() => take.mutate()} sx={{ minHeight: 48 }}>
        {say('takeAlong', { many: many(vehicles.length, 'vehicle', 'vehicles') })}
      </Button>
      <span role="status">
        {take.isPending && say('of', { done, count: vehicles.length })}
        {take.isSuccess && say('onThisDevice2', { done })}
        {take.isError && say('stoppedAfter', { done, message: take.error.message })}
      </span>
    </Box>
  )
}
