import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color, mono } from '../../base/theme'
import { useSimulated } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { loadUnit, localDay } from '../../units/format'
import { LOAD_STATES, type LoadState } from './StateDialogs'
import type { LoadPressureView } from './views'
import { say } from './words'

type Slip = Schemas['ScaleTicketRequest']
type AxleEntry = Slip['axles'][number]

/** A scale ticket typed, pasted, or taken from the simulated scale. Nothing is stored before it can be right. */
export function ScaleTicketDialog(props: {
  vehicle: Schemas['VehicleView']
  page: LoadPressureView
  onClose: () => void
}) {
  const { vehicle, page } = props
  const [units] = useUnits()
  const notice = useNotice()
  const [slip, setSlip] = useState<Slip>({
    day: localDay(new Date()),
    state: page.state,
    scale: '',
    gross: '',
    axles: page.axles.map((one) => ({ axle: one.axle, left: '', right: '', total: '' })),
  })
  const [paste, setPaste] = useState<string>()
  const [printed, setPrinted] = useState<string>()
  const [trouble, setTrouble] = useState<string>()
  const form = useSend(
    (key) =>
      answerOf(
        api.POST('/api/vehicles/{id}/scale-tickets', {
          params: { path: { id: vehicle.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body: slip,
        }),
      ),
    () => {
      notice({ text: say('weighedTargetsNowUse', { unit: vehicle.unit }) })
      props.onClose()
    },
    null,
  )
  const change = (part: Partial<Slip>) => setSlip({ ...slip, ...part })
  const axle = (number: number, part: Partial<AxleEntry>) =>
    change({ axles: slip.axles.map((one) => (one.axle === number ? { ...one, ...part } : one)) })
  const take = (read: Slip) => {
    const axles = page.axles.map(
      (one) =>
        read.axles.find((entry) => entry.axle === one.axle) ?? { axle: one.axle, left: '', right: '', total: '' },
    )
    const foreign = read.axles.filter((entry) => !page.axles.some((one) => one.axle === entry.axle))
    setSlip({
      ...slip,
      ...Object.fromEntries(Object.entries(read).filter(([, value]) => value != null)),
      axles: [...axles, ...foreign],
    })
  }
  const readText = async (text: string) => {
    try {
      take(await answerOf(api.POST('/api/parse/scale-ticket', { body: { text } })))
      setPaste(undefined)
      setTrouble(undefined)
    } catch (error) {
      setTrouble(error instanceof ProblemError ? (error.field('text') ?? error.message) : String(error))
    }
  }
  const simulated = useSimulated()
  const drive = async (kind: 'PLATFORM' | 'PADS') => {
    try {
      const weighed = await answerOf(
        api.POST('/api/simulators/scale', {
          body: { vehicleId: vehicle.id, type: kind, ...(slip.state && { state: slip.state }) },
        }),
      )
      setPrinted(weighed.text)
      take({
        day: weighed.day,
        state: weighed.state,
        scale: `${weighed.scale} (simulated)`,
        gross: `${weighed.gross} lb`,
        axles: weighed.axles.map((one) =>
          one.left > 0
            ? { axle: one.axle, left: `${one.left} lb`, right: `${one.right} lb` }
            : { axle: one.axle, total: `${one.total} lb` },
        ),
      })
      setTrouble(undefined)
    } catch (error) {
      setTrouble(error instanceof ProblemError ? error.message : String(error))
    }
  }
  const otherUnit = form.wrong('unit')
  return (
    <FormDialog
      title={say('weigh', { unit: vehicle.unit })}
      action={say('saveScaleTicket')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
      wide
    >
      <Box sx={{ width: '100%' }}>{say('asItTravelsFuelFull')}</Box>
      <Box sx={{ width: '100%', display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {simulated && (
          <>
            <Button size="small" variant="outlined" onClick={() => void drive('PADS')}>
              {say('simulatedWheelPads')}
            </Button>
            <Button size="small" variant="outlined" onClick={() => void drive('PLATFORM')}>
              {say('simulatedPlatform')}
            </Button>
          </>
        )}
        <Button size="small" onClick={() => setPaste(paste === undefined ? '' : undefined)}>
          {say('pastePrintedTicket')}
        </Button>
        <Button size="small" component="label">
          {say('openAScaleTicketFile')}
          <input
            type="file"
            accept=".txt,text/plain"
            hidden
            onChange={async (event) => {
              const file = event.target.files?.[0]
              if (file) await readText(await file.text())
            }}
          />
        </Button>
      </Box>
      {trouble && (
        <Alert severity="error" sx={{ width: '100%' }}>
          {trouble}
        </Alert>
      )}
      {paste !== undefined && (
        <Box sx={{ width: '100%', display: 'flex', gap: 1, alignItems: 'flex-start' }}>
          <Entry label={say('printedScaleTicket')} value={paste} onChange={setPaste} multiline width="100%" autoFocus />
          <Button variant="outlined" onClick={() => void readText(paste)}>
            {say('readIt')}
          </Button>
        </Box>
      )}
      {printed && (
        <Box
          component="pre"
          aria-label={say('printedScaleTicket')}
          sx={{ m: 0, p: 1, background: color.chalk, fontFamily: mono, fontSize: 12, width: '100%' }}
        >
          {printed}
        </Box>
      )}
      {form.wrong('sure') && (
        <Box sx={{ width: '100%' }}>
          {form.wrong('sure')}{' '}
          <Button size="small" aria-pressed={slip.sure === true} onClick={() => change({ sure: slip.sure !== true })}>
            {slip.sure ? say('saidItIsRight') : say('itIsRight')}
          </Button>
        </Box>
      )}
      {otherUnit && (
        <Alert severity="warning" sx={{ width: '100%' }}>
          {say('didYouMean', { otherUnit })}
          <Button
            size="small"
            onClick={() =>
              change({
                gross: inUnit(slip.gross, otherUnit),
                axles: slip.axles.map((one) => ({
                  axle: one.axle,
                  left: inUnit(one.left, otherUnit),
                  right: inUnit(one.right, otherUnit),
                  total: inUnit(one.total, otherUnit),
                })),
              })
            }
          >
            {say('theyAre', { otherUnit })}
          </Button>
        </Alert>
      )}
      <Entry
        label={say('day')}
        type="date"
        value={slip.day}
        onChange={(day) => change({ day })}
        error={form.wrong('day')}
        width={160}
      />
      <Choice<LoadState>
        label={say('loaded')}
        value={slip.state as LoadState | undefined}
        options={LOAD_STATES}
        onChange={(state) => change({ state })}
        error={form.wrong('state')}
        width={140}
      />
      <Entry
        label={say('scale')}
        value={slip.scale}
        onChange={(scale) => change({ scale })}
        error={form.wrong('scale')}
        width={250}
      />
      <Entry
        label={say('gross')}
        value={slip.gross}
        onChange={(gross) => change({ gross })}
        error={form.wrong('gross')}
        unit={loadUnit(units)}
        hint={say('ifWeighedAsAWhole')}
        width={170}
      />
      {slip.axles.map((one) => (
        <Box
          key={one.axle}
          sx={{ width: '100%', display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}
        >
          <Box sx={{ width: 110, pt: 1, fontWeight: 650 }}>
            {say('axle', {
              axle: one.axle,
              role: page.axles.find((axle) => axle.axle === one.axle)?.role.toLowerCase(),
            })}
          </Box>
          {(['left', 'right', 'total'] as const).map((part) => (
            <Entry
              key={part}
              label={say('axle2', { axle: one.axle, total: part === 'total' ? say('asAWhole') : `${part} end` })}
              value={one[part]}
              onChange={(value) => axle(one.axle, { [part]: value })}
              error={form.wrong(`axles.${one.axle}.${part}`)}
              unit={loadUnit(units)}
              width={190}
            />
          ))}
          {form.wrong(`axles.${one.axle}`) && (
            <Box role="alert" sx={{ color: 'error.main', width: '100%' }}>
              {form.wrong(`axles.${one.axle}`)}
            </Box>
          )}
        </Box>
      ))}
    </FormDialog>
  )
}

/** The same figure, said to be in another unit. */
const inUnit = (figure: string | undefined, unit: string) =>
  figure?.trim() ? `${figure.replace(/ *(lbs?|kg)$/i, '')} ${unit}` : ''
