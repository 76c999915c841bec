import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color, mono } from '../../base/theme'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { useUnsaved } from '../../ui/useUnsaved'
import { moment } from '../../units/format'
import { CalendarFile } from './CalendarFile'
import { say } from './words'

/** The shop's days in other people's calendar programs, and their bookings of vehicles here. */
export function Calendars() {
  const may = useMay('COORDINATOR')
  if (!may) return null
  return (
    <Box component="section" aria-label={say('calendars')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        {say('calendars')}
      </Box>
      <FeedsOut />
      <Bookings />
      <CalendarFile />
    </Box>
  )
}

function FeedsOut() {
  const [yard, setYard] = useState('')
  const [person, setPerson] = useState('')
  const [address, setAddress] = useState('')
  const queries = useQueryClient()
  const notice = useNotice()
  const register = useQuery(registerQuery)
  const people = useQuery({ queryKey: ['people'], queryFn: () => answerOf(api.GET('/api/people')) })
  const feeds = useQuery({
    queryKey: ['calendar-feeds'],
    queryFn: () => answerOf(api.GET('/api/calendar/feeds')),
  })
  const revoke = useMutation({
    mutationFn: (id: number) => answerOf(api.DELETE('/api/calendar/feeds/{id}', { params: { path: { id } } })),
    onSuccess: () => notice({ text: say('privateAddressNoLongerWorks') }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['calendar-feeds'] }),
  })
  const share = useSend<Schemas['NewCalendarLinkView']>(
    () => answerOf(api.POST('/api/calendar/feeds', { body: { yard, person } })),
    (made) => setAddress(new URL(made.address, globalThis.location.href).href),
    say('privateAddressIsMade'),
  )
  return (
    <Box sx={{ display: 'grid', gap: 1, mb: 2 }}>
      <div>
        {say('shareTheShopsDays')}
        <a href={`/api/calendar/shop.ics?yard=${encodeURIComponent(yard)}&person=${encodeURIComponent(person)}`}>
          {say('downloadItOnceIcs')}
        </a>
      </div>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Choice
          label={say('yard')}
          value={yard}
          options={[['', say('allYards')], ...(register.data?.yards ?? []).map((name) => [name, name] as const)]}
          onChange={setYard}
          width={150}
        />
        <Choice
          label={say('person')}
          value={person}
          options={[['', 'everybody'], ...(people.data ?? []).map((one) => [one.name, one.name] as const)]}
          onChange={setPerson}
          width={200}
        />
        <Button variant="outlined" onClick={share.send} loading={share.busy} sx={{ background: color.sheet }}>
          {say('createPrivateLink')}
        </Button>
      </Box>
      {share.error instanceof ProblemError && <Alert severity="error">{share.error.message}</Alert>}
      {address && (
        <Alert severity="success">
          {say('shownOnlyNowKeep')}
          <Box component="code" sx={{ fontFamily: mono, overflowWrap: 'anywhere' }}>
            {address}
          </Box>
        </Alert>
      )}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {(feeds.data ?? []).map((feed) => (
          <li key={feed.id}>
            {say('sinceMade', { feed: feed.description, moment: moment(feed.at), by: feed.by })}
            <Button size="small" onClick={() => revoke.mutate(feed.id)}>
              {say('revokeLink')}
            </Button>
          </li>
        ))}
      </Box>
    </Box>
  )
}

/** When vehicles are out: typed here, or read from a calendar. */
function Bookings() {
  const [units] = useUnits()
  const [unit, setUnit] = useState('')
  const [from, setFrom] = useState('')
  const [to, setTo] = useState('')
  const [why, setWhy] = useState('')
  const queries = useQueryClient()
  const notice = useNotice()
  const schedule = useQuery({
    queryKey: ['jobs', 'schedule', 'away', units],
    queryFn: () => answerOf(api.GET('/api/shop/schedule', { params: { query: { weeks: 1, units } } })),
  })
  const unsaved = useUnsaved()
  const add = useSend<unknown>(
    () => answerOf(api.POST('/api/shop/bookings', { body: { unit, from, to, reason: why } })),
    () => {
      setUnit('')
      setWhy('')
      unsaved.saved()
    },
    say('isBookedOut', { unit }),
  )
  const back = useMutation({
    mutationFn: (booking: Schemas['VehicleBookingView']) =>
      answerOf(api.DELETE('/api/shop/bookings/{id}', { params: { path: { id: booking.id } } })),
    onSuccess: (_, { unit: vehicle, from: start, to: end, reason }) =>
      notice({
        text: say('bookingOfIsRemoved', { vehicle }),
        undo: async () => {
          await answerOf(api.POST('/api/shop/bookings', { body: { unit: vehicle, from: start, to: end, reason } }))
          return say('isBookedAgain', { vehicle })
        },
      }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['jobs'] }),
  })
  return (
    <Box component="section" aria-label={say('vehicleBookings')} sx={{ display: 'grid', gap: 1, mb: 2 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        {say('vehicleBookings')}
      </Box>
      {unsaved.question}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {(schedule.data?.bookings ?? []).map((one) => (
          <li key={one.id}>
            <strong>{one.unit}</strong>
            {say('to', { from: moment(one.from), to: moment(one.to), reason: one.reason })}
            <Button
              size="small"
              aria-label={say('removeBooking', { unit: one.unit, reason: one.reason })}
              onClick={() => back.mutate(one)}
            >
              {say('removeBooking2')}
            </Button>
          </li>
        ))}
      </Box>
      <Box
        component="form"
        noValidate
        onChange={() => unsaved.touch()}
        onSubmit={(event) => {
          event.preventDefault()
          add.send()
        }}
        sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}
      >
        <Entry label={say('unit')} value={unit} onChange={setUnit} error={add.wrong('unit')} width={120} />
        <Entry
          label={say('outFrom')}
          value={from}
          onChange={setFrom}
          error={add.wrong('from')}
          type="datetime-local"
          width={220}
        />
        <Entry
          label={say('back')}
          value={to}
          onChange={setTo}
          error={add.wrong('to')}
          type="datetime-local"
          width={220}
        />
        <Entry label={say('whatFor')} value={why} onChange={setWhy} error={add.wrong('reason')} width={220} />
        <Button type="submit" variant="outlined" loading={add.busy} sx={{ background: color.sheet, minHeight: 44 }}>
          {say('addBooking')}
        </Button>
      </Box>
    </Box>
  )
}
