import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { useNotice } from '../../ui/Notice'
import { Table } from '../../ui/Table'
import { many, moment } from '../../units/format'
import { say } from './words'

const OUTCOMES: Record<Schemas['ImportedBookingView']['outcome'], string> = {
  NEW: say('new'),
  REMOVED: say('noLongerInTheFile'),
}

const send = async (file: File, dryRun: boolean) =>
  answerOf(
    api.POST('/api/calendar/bookings', {
      params: { query: { dryRun } },
      body: file as unknown as string,
      bodySerializer: (body) => body as unknown as Blob,
      headers: { 'content-type': 'text/calendar' },
    }),
  )

/** Bookings out of a calendar file: looked at first, then brought in, and undone as a whole. */
export function CalendarFile() {
  const queries = useQueryClient()
  const notice = useNotice()
  const [file, setFile] = useState<File>()
  const look = useMutation({ mutationFn: (chosen: File) => send(chosen, true) })
  const bring = useMutation({
    mutationFn: (chosen: File) => send(chosen, false),
    onSuccess: (done) => {
      setFile(undefined)
      look.reset()
      notice({
        text: say('ofBrought', {
          some: many(done.bookings, 'booking', 'bookings'),
          all: many(done.vehicles, 'vehicle', 'vehicles'),
        }),
        undo: async () => {
          await answerOf(
            api.POST('/api/calendar/bookings/{importId}/undo', { params: { path: { importId: done.importId ?? 0 } } }),
          )
          return say('filesBookingsAreTakenBack')
        },
      })
      return queries.invalidateQueries()
    },
  })
  const failed = look.error ?? bring.error
  const problem = failed instanceof ProblemError ? failed : undefined
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <div>{say('bookingsOfVehiclesFrom')}</div>
      <div>
        <Button component="label" variant="outlined" loading={look.isPending} sx={{ background: color.sheet }}>
          {say('lookAtACalendarFile')}
          <input
            type="file"
            accept=".ics,text/calendar"
            hidden
            onChange={(event) => {
              const chosen = event.target.files?.[0]
              setFile(chosen)
              bring.reset()
              if (chosen) look.mutate(chosen)
              event.target.value = ''
            }}
          />
        </Button>
      </div>
      {problem && <Alert severity="error">{problem.field('file') ?? problem.message}</Alert>}
      {look.data && file && (
        <Look found={look.data} name={file.name} busy={bring.isPending} onBring={() => bring.mutate(file)} />
      )}
    </Box>
  )
}

function Look(props: { found: Schemas['ImportedBookingsView']; name: string; busy: boolean; onBring: () => void }) {
  const { found } = props
  const isNothing = found.lines.length === 0
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box role="status">
        <strong>{props.name}</strong>
        {say('ofUntilAYearFrom', {
          some: many(found.bookings, 'booking', 'bookings'),
          all: many(found.vehicles, 'vehicle', 'vehicles'),
          same: found.same,
          isNothing,
        })}
      </Box>
      {found.unread.length > 0 && (
        <Alert severity="warning">
          {found.unread.map((line) => (
            <div key={line}>{line}</div>
          ))}
        </Alert>
      )}
      {!isNothing && (
        <Box sx={{ maxHeight: 320, overflowY: 'auto' }}>
          <Table
            label={say('whatTheFileChanges')}
            heads={[say('unit'), say('awayFrom'), say('until2'), say('why'), say('whatHappens')]}
            stacked
          >
            {found.lines.map((line) => (
              <tr key={`${line.outcome} ${line.unit} ${line.from} ${line.to} ${line.reason}`}>
                <td>{line.unit}</td>
                <td>{moment(line.from)}</td>
                <td>{moment(line.to)}</td>
                <td>{line.reason}</td>
                <td>{OUTCOMES[line.outcome]}</td>
              </tr>
            ))}
          </Table>
        </Box>
      )}
      {!isNothing && (
        <div>
          <Button variant="contained" loading={props.busy} onClick={props.onBring}>
            {say('bringInBookings')}
          </Button>
        </div>
      )}
    </Box>
  )
}
