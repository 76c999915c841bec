import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { gaugesQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { useMay } from '../../session/session'
import { ByEar } from '../../ui/ByEar'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { day, localDay } from '../../units/format'
import { say } from './words'

type Gauge = Schemas['GaugeView']

const KINDS = [
  ['PRESSURE', 'pressure'],
  ['TREAD', say('treadDepth')],
  ['TORQUE', 'torque'],
] as const

/** The fleet's gauges by the name painted on them, and whether their figures can be trusted. */
export function GaugesPage() {
  const [units] = useUnits()
  const query = useQuery(gaugesQuery(units))
  const [open, setOpen] = useState<'new' | Gauge>()
  const coordinator = useMay('COORDINATOR')
  if (query.isPending) return <LoadingLines />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const close = () => setOpen(undefined)
  return (
    <Page
      title={say('gauges')}
      about={say('readingsAreOnlyAsAccurate')}
      actions={
        coordinator && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            {say('addAGauge')}
          </Button>
        )
      }
    >
      {query.data.length === 0 ? (
        <p>{say('noGaugeIsOnFile')}</p>
      ) : (
        <Table label={say('gauges')} heads={[say('name'), say('reads'), say('checked2'), say('due'), '']}>
          {query.data.map((gauge) => (
            <tr key={gauge.id}>
              <td>
                <strong>{gauge.name}</strong>
                {gauge.retired && say('outOfUse')}
                {gauge.doubt && !gauge.retired && (
                  <Box sx={{ display: 'flex', gap: 0.75, maxWidth: { xs: 110, sm: 420 }, fontSize: 13 }}>
                    <VerdictIcon verdict="WATCH" />
                    <span>{gauge.explanation}</span>
                  </Box>
                )}
              </td>
              <td>{gauge.typeLabel}</td>
              <td>{gauge.calibrated ? day(gauge.calibrated) : say('neverOrUnknown')}</td>
              <td>{gauge.retired ? '–' : day(gauge.due)}</td>
              <td>
                {coordinator && (
                  <>
                    {!gauge.retired && (
                      <Button size="small" onClick={() => setOpen(gauge)}>
                        {say('checked')}
                        <ByEar>{gauge.name}</ByEar>
                      </Button>
                    )}
                    <Retire gauge={gauge} />
                  </>
                )}
              </td>
            </tr>
          ))}
        </Table>
      )}
      {open === 'new' && <NewGauge onClose={close} />}
      {open && open !== 'new' && <Checked gauge={open} onClose={close} />}
    </Page>
  )
}

function Retire({ gauge }: { gauge: Gauge }) {
  const turn = useSend(
    () =>
      answerOf(
        gauge.retired
          ? api.POST('/api/gauges/{id}/restore', { params: { path: { id: gauge.id } } })
          : api.POST('/api/gauges/{id}/retire', { params: { path: { id: gauge.id } } }),
      ),
    () => {},
    gauge.retired ? say('isBackInUse', { gauge: gauge.name }) : say('isOutOfUse', { gauge: gauge.name }),
  )
  return (
    <Button size="small" onClick={turn.send} disabled={turn.busy}>
      {gauge.retired ? say('restore') : say('retire')} <ByEar>{gauge.name}</ByEar>
    </Button>
  )
}

function NewGauge({ onClose }: { onClose: () => void }) {
  const [name, setName] = useState('')
  const [kind, setKind] = useState<Gauge['type']>('PRESSURE')
  const [calibrated, setCalibrated] = useState('')
  const form = useSend(
    () => answerOf(api.POST('/api/gauges', { body: { name, type: kind, ...(calibrated && { calibrated }) } })),
    onClose,
    say('isOnFile', { name }),
  )
  return (
    <FormDialog
      title={say('addAGauge2')}
      action={say('addIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry label={say('namePainted')} value={name} onChange={setName} error={form.wrong('name')} autoFocus />
      <Choice label={say('itReads')} value={kind} options={KINDS} onChange={setKind} error={form.wrong('type')} />
      <Entry
        label={say('lastChecked')}
        type="date"
        value={calibrated}
        onChange={setCalibrated}
        error={form.wrong('calibrated')}
        hint={say('againstAMasterGaugeLeave')}
        width={300}
      />
    </FormDialog>
  )
}

function Checked({ gauge, onClose }: { gauge: Gauge; onClose: () => void }) {
  const [on, setOn] = useState(localDay(new Date()))
  const [note, setNote] = useState('')
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/gauges/{id}/calibrations', {
          params: { path: { id: gauge.id } },
          body: { ...(on && { day: on }), note },
        }),
      ),
    onClose,
    say('calibrationOfIsOnRecord', { gauge: gauge.name }),
  )
  return (
    <FormDialog
      title={say('wasCheckedAgainstAMaster', { gauge: gauge.name })}
      action={say('recordIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry label={say('on')} type="date" value={on} onChange={setOn} error={form.wrong('day')} />
      <Entry
        label={say('note')}
        value={note}
        onChange={setNote}
        error={form.wrong('note')}
        hint={say('forExampleByWhom')}
        width={300}
      />
    </FormDialog>
  )
}
