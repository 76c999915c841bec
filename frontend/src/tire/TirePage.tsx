import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answerOf, api, type Schemas } from '../api/client'
import { tireQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { color, mono } from '../base/theme'
import { PropertyList } from '../entry/PropertyList'
import { useMay } from '../session/session'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { NoteList } from '../ui/NoteList'
import { Page } from '../ui/Page'
import { PhoneFold } from '../ui/PhoneFold'
import { Table } from '../ui/Table'
import { day, many, moment } from '../units/format'
import { Alerts } from './Alerts'
import { CorrectEntryDialog } from './CorrectEntryDialog'
import { DotCodeDialog } from './DotCodeDialog'
import { InstallDialog } from './InstallDialog'
import { MoveTireDialog } from './MoveTireDialog'
import { RetreadDialog } from './RetreadDialog'
import { StoreTireDialog } from './StoreTireDialog'
import { TireNumberDialog } from './TireNumberDialog'
import { VoidDialog } from './VoidDialog'
import { say } from './words'

type Open =
  | 'fit'
  | 'swap'
  | 'away'
  | 'code'
  | 'retread'
  | 'numbers'
  | { correct: Schemas['TireHistoryEntryView'] }
  | { mistyped: Schemas['TireHistoryEntryView'] }
  | null

/** One tire: what is molded on it, where it is and was, what it has given, and moving it. */
export function TirePage() {
  const id = Number(useParams().id)
  const [units] = useUnits()
  const query = useQuery(tireQuery(id, units))
  const [open, setOpen] = useState<Open>(null)
  const may = useMay('TECHNICIAN')
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const tire = query.data
  const close = () => setOpen(null)
  const onVehicle = tire.where.vehicleId !== undefined
  const state = tire.where.state
  return (
    <Page
      title={tire.number ?? say('tire2', { id: tire.id })}
      about={
        <>
          {tire.model} {tire.sidewall}
          {tire.retread && say('retread')}
        </>
      }
      actions={
        may && (
          <>
            {(state === 'IN_STOCK' || state === 'RETREAD_CANDIDATE') && (
              <Button variant="contained" onClick={() => setOpen('fit')}>
                {say('install2')}
              </Button>
            )}
            {onVehicle && (
              <Button variant="contained" onClick={() => setOpen('away')}>
                {say('remove')}
              </Button>
            )}
            {onVehicle && <Quiet onClick={() => setOpen('swap')}>{say('moveOrSwap')}</Quiet>}
            {!onVehicle && state !== 'AT_RETREADER' && (
              <Quiet onClick={() => setOpen('away')}>{say('changeLocation')}</Quiet>
            )}
            {state === 'AT_RETREADER' && (
              <>
                <Button variant="contained" onClick={() => setOpen('retread')}>
                  {say('backFromRetread2')}
                </Button>
                <Quiet onClick={() => setOpen('away')}>{say('changeLocation')}</Quiet>
              </>
            )}
            <Quiet onClick={() => setOpen('code')}>{say('readItsDotCode')}</Quiet>
            <Quiet onClick={() => setOpen('numbers')}>{say('numberAndPrice2')}</Quiet>
          </>
        )
      }
    >
      {tire.open.length > 0 && (
        <Alert severity="error" sx={{ mb: 2 }}>
          {say('openOnThisTireUntil', { open: tire.open.join(', ') })}
        </Alert>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,5fr) minmax(0,7fr)' },
          gap: 3,
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 2, mb: 2 }}>
            <Box sx={{ fontSize: 17, fontWeight: 700 }}>
              {tire.where.vehicleId !== undefined ? (
                <Link to={`/vehicles/${tire.where.vehicleId}?at=${tire.where.position}`}>{tire.where.label}</Link>
              ) : (
                tire.where.label
              )}
            </Box>
            <Box sx={{ fontFamily: mono, mt: 0.5 }}>{tire.dot ? `DOT ${tire.dot}` : say('dotCodeNotRead')}</Box>
            {tire.gas && <Box sx={{ mt: 0.5 }}>{say('filledWith', { gas: tire.gas })}</Box>}
            <Gave tire={tire} />
          </Box>
          <PhoneFold title={say('whatIt')} about={many(tire.facts.length, say('fact'), say('facts'))}>
            <PropertyList facts={tire.facts} />
          </PhoneFold>
          <Box sx={{ mt: 1.5 }}>
            <Link to={`/labels?tires=${tire.id}`}>{say('printItsTag')}</Link>
          </Box>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.75 }}>
            {say('installations')}
          </Box>
          {tire.installations.length === 0 ? (
            <p>{say('neverInstalled')}</p>
          ) : (
            <Table
              label={say('staysOnVehicles')}
              heads={[say('where'), say('from'), say('to'), say('odometerOn'), say('odometerOff'), say('run2')]}
            >
              {tire.installations.map((stay) => (
                <tr key={`${stay.where} ${stay.from}`}>
                  <td>{stay.vehicleId ? <Link to={`/vehicles/${stay.vehicleId}`}>{stay.where}</Link> : stay.where}</td>
                  <td>{day(stay.from)}</td>
                  <td>{stay.to ? day(stay.to) : 'now'}</td>
                  <td>{stay.odometerOn ?? say('notKnown')}</td>
                  <td>{stay.odometerOff ?? say('notKnown')}</td>
                  <td>{stay.miles ?? say('notKnown')}</td>
                </tr>
              ))}
            </Table>
          )}
          <Alerts alerts={tire.alerts} />
          <ByEdge rows={tire.byEdge} />
          <TirePhotos photos={tire.photos} />
          <TireNotes tire={tire} may={may} />
          <PhoneFold title={say('history')} about={many(tire.entries.length, say('line'), say('lines'))}>
            <Table label={say('historyOfThisTire')} heads={[say('when'), say('where'), say('what'), say('by'), '']}>
              {tire.entries.map((line) => (
                <tr key={`${line.id} ${line.at} ${line.description}`}>
                  <Box component="td" sx={{ whiteSpace: 'nowrap', color: 'text.secondary' }}>
                    {moment(line.at)}
                  </Box>
                  <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
                    {line.where}
                  </Box>
                  <Box
                    component="td"
                    sx={line.isVoided ? { color: 'text.secondary', textDecoration: 'line-through' } : {}}
                  >
                    {line.description}
                  </Box>
                  <Box component="td" sx={{ whiteSpace: 'nowrap', color: 'text.secondary' }}>
                    {line.by}
                  </Box>
                  <td>
                    {may && line.canBeCorrected && (
                      <Button size="small" sx={{ p: 0, minHeight: 24 }} onClick={() => setOpen({ correct: line })}>
                        {say('correct')}
                      </Button>
                    )}
                    {may && line.readingId !== undefined && !line.isVoided && (
                      <Button size="small" sx={{ p: 0, minHeight: 24 }} onClick={() => setOpen({ mistyped: line })}>
                        {say('void')}
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </Table>
          </PhoneFold>
        </Box>
      </Box>
      {open === 'fit' && <InstallDialog tire={tire} onClose={close} />}
      {open === 'swap' && <MoveTireDialog tire={tire} onClose={close} />}
      {open === 'away' && <StoreTireDialog tire={tire} onClose={close} />}
      {open === 'code' && <DotCodeDialog tire={tire} onClose={close} />}
      {open === 'retread' && <RetreadDialog tire={tire} onClose={close} />}
      {open === 'numbers' && <TireNumberDialog tire={tire} onClose={close} />}
      {open && typeof open === 'object' && 'correct' in open && (
        <CorrectEntryDialog line={open.correct} onClose={close} />
      )}
      {open && typeof open === 'object' && 'mistyped' in open && <VoidDialog line={open.mistyped} onClose={close} />}
    </Page>
  )
}

function TireNotes({ tire, may }: { tire: Schemas['TirePageView']; may: boolean }) {
  const path = { id: tire.id }
  return (
    <NoteList
      of={tire.number ?? say('tire', { id: tire.id })}
      queryKey={['tire', tire.id, 'notes']}
      read={() => answerOf(api.GET('/api/tires/{id}/notes', { params: { path } }))}
      add={(text, key) =>
        answerOf(
          api.POST('/api/tires/{id}/notes', { params: { path, header: { 'Idempotency-Key': key } }, body: { text } }),
        )
      }
      addPhoto={(file, key) =>
        answerOf(
          api.POST('/api/tires/{id}/notes/photos', {
            params: { path, header: { 'Idempotency-Key': key } },
            body: file as unknown as string,
            bodySerializer: (body) => body as unknown as Blob,
            headers: { 'content-type': file.type },
          }),
        )
      }
      may={may}
    />
  )
}

function Quiet({ onClick, children }: { onClick: () => void; children: string }) {
  return (
    <Button variant="outlined" sx={{ background: color.sheet }} onClick={onClick}>
      {children}
    </Button>
  )
}

/** Miles and what they cost, shares of its life. */
function Gave({ tire }: { tire: Schemas['TirePageView'] }) {
  const parts = [
    tire.miles && say('run', { miles: tire.miles, milesAreComplete: tire.milesAreComplete }),
    tire.price && say('paid', { price: tire.price }),
    tire.costOfDistance,
    tire.costOfTread,
  ].filter(Boolean)
  const shares = [
    tire.shareByTread && say('ofItsTread', { shareByTread: tire.shareByTread }),
    tire.shareByAge && say('ofItsYears', { shareByAge: tire.shareByAge }),
  ].filter(Boolean)
  return (
    <Box sx={{ mt: 1, color: 'text.secondary' }}>
      {parts.length > 0 && <div>{parts.join(' · ')}</div>}
      {shares.length > 0 && <div>{say('usedUp', { shares: shares.join(', ') })}</div>}
    </Box>
  )
}

const EDGES_SHOWN = 8

/** Its tread by its own edges: outer and inner belong to the place, the side with the full DOT code to the tire. */
function ByEdge({ rows }: { rows: Schemas['EdgeRow'][] }) {
  if (rows.length === 0) return null
  return (
    <>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 3, mb: 0.75 }}>
        {say('treadByItsOwnEdges')}
      </Box>
      <Table
        label={say('treadByItsOwnEdges')}
        heads={[say('when'), say('where'), say('dotSide'), say('center'), say('otherSide')]}
      >
        {rows.slice(0, EDGES_SHOWN).map((row) => (
          <tr key={row.at}>
            <td>{day(row.at)}</td>
            <td>{row.where}</td>
            {row.dotSide === undefined ? (
              <>
                <td>{say('facingNotNoted')}</td>
                <td>{row.center}</td>
                <td>–</td>
              </>
            ) : (
              <>
                <td>{row.dotSide}</td>
                <td>{row.center}</td>
                <td>{row.otherSide}</td>
              </>
            )}
          </tr>
        ))}
      </Table>
    </>
  )
}

function TirePhotos({ photos }: { photos: Schemas['PhotoOfTire'][] }) {
  if (photos.length === 0) return null
  return (
    <>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 3, mb: 0.75 }}>
        {say('photos')}
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        {photos.map((photo) => (
          <Box key={photo.id} sx={{ width: 140 }}>
            <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photos/${photo.id}?small=true`}
                alt={`${photo.where ?? ''}, ${moment(photo.at)}`}
                width={140}
                height={105}
                style={{ objectFit: 'cover', borderRadius: 4, display: 'block' }}
              />
            </a>
            <Box sx={{ fontSize: 12.5, color: 'text.secondary' }}>
              {day(photo.at)}, {photo.where}, {photo.by}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  )
}
