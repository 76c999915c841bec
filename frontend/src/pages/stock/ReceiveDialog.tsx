import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { DotEntry } from '../../entry/DotEntry'
import { ModelField } from '../../entry/ModelField'
import { useMe } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useDebounced } from '../../ui/useDebounced'
import { useSend } from '../../ui/useSend'
import { depthUnit } from '../../units/format'
import { type ReceivingCode, ReceivingSteps, type Tick } from './ReceivingSteps'
import { say } from './words'

interface Came {
  key: number
  dotCode: string
  number: string
  tireModelId: number | undefined
  otherModel: boolean
  accepted: boolean | undefined
  note: string
}

/** Delivered tires against their order line: each is compared, and taken in by name or refused. */
export function ReceiveDialog(props: {
  order: Schemas['OrderView']
  line: Schemas['OrderLineView']
  onClose: () => void
}) {
  const { order, line } = props
  const [units] = useUnits()
  const open = line.quantity - line.accepted
  const [tires, setTires] = useState<Came[]>(() =>
    Array.from({ length: open }, (_, key) => ({
      key,
      dotCode: '',
      number: '',
      tireModelId: undefined,
      otherModel: false,
      accepted: undefined,
      note: '',
    })),
  )
  const [shelf, setShelf] = useState('')
  const [depth, setDepth] = useState('')
  const [counted, setCounted] = useState('')
  const [ticks, setTicks] = useState<Record<string, Tick>>({})
  const steps = useQuery({
    queryKey: ['receiving-steps'],
    queryFn: () => answerOf(api.GET('/api/orders/receiving-steps')),
    staleTime: Number.POSITIVE_INFINITY,
  })
  const notice = useNotice()
  const came = tires.filter((tire) => tire.dotCode.trim() !== '')
  const body = {
    shelf,
    depth,
    counted,
    steps: Object.entries(ticks).map(([step, tick]) => ({ step: step as ReceivingCode, ...tick })),
    tires: came.map((tire) => ({
      dotCode: tire.dotCode,
      number: tire.number,
      note: tire.note,
      ...(tire.accepted !== undefined && { accepted: tire.accepted }),
      ...(tire.tireModelId !== undefined && { tireModelId: tire.tireModelId }),
    })),
  }
  const form = useSend(
    (key) =>
      answerOf(
        api.POST('/api/orders/lines/{id}/deliveries', {
          params: { path: { id: line.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body,
        }),
      ),
    (received) => {
      const refused = received.refused === 0 ? '' : say('refusedAndWrittenDown', { refused: received.refused })
      notice({ text: say('takenIntoStock', { count: received.tireIds.length, yard: order.yard, refused }) })
      props.onClose()
    },
    null,
  )
  const change = (key: number, part: Partial<Came>) =>
    setTires(tires.map((tire) => (tire.key === key ? { ...tire, ...part } : tire)))
  return (
    <FormDialog
      title={say('receive2', { model: line.model })}
      action={
        came.length === 0
          ? say('receive4')
          : say('receive3', { count: came.filter((tire) => tire.accepted !== false).length })
      }
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
      wide
    >
      <Box sx={{ width: '100%' }}>
        {say('ordered')}
        <strong>{line.sidewall}</strong>
        {say('fromOfStillToCome', { supplier: order.supplier, open, quantity: line.quantity })}
      </Box>
      {form.wrong('tires') && <Box sx={{ width: '100%', color: 'error.main' }}>{form.wrong('tires')}</Box>}
      <Entry
        label={say('shelfAtOptional', { yard: order.yard })}
        value={shelf}
        onChange={setShelf}
        error={form.wrong('shelf')}
      />
      <Entry
        label={say('originalTreadDepth')}
        value={depth}
        onChange={setDepth}
        error={form.wrong('depth')}
        unit={depthUnit(units)}
        hint={say('blankFromTheCatalog')}
      />
      <ReceivingSteps
        steps={steps.data ?? []}
        ticks={ticks}
        counted={counted}
        wrong={form.wrong}
        onCount={setCounted}
        onTick={(step, tick) => setTicks({ ...ticks, [step]: tick })}
      />
      {tires.map((tire, at) => {
        const index = came.indexOf(tire)
        const wrong = (field: string) => (index < 0 ? undefined : form.wrong(`tires[${index}].${field}`))
        return (
          <OneTire
            key={tire.key}
            lineId={line.id}
            number={at + 1}
            tire={tire}
            wrong={wrong}
            onChange={(part) => change(tire.key, part)}
          />
        )
      })}
    </FormDialog>
  )
}

function OneTire(props: {
  lineId: number
  number: number
  tire: Came
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<Came>) => void
}) {
  const { tire, wrong, onChange } = props
  const [units] = useUnits()
  const me = useMe()
  const code = useDebounced(tire.dotCode.trim())
  const model = tire.tireModelId
  const check = useQuery({
    queryKey: ['check', props.lineId, code, model, units],
    queryFn: () =>
      answerOf(
        api.POST('/api/orders/lines/{id}/check', {
          params: { path: { id: props.lineId }, query: { units } },
          body: {
            tires: [{ dotCode: code, ...(model !== undefined && { tireModelId: model }) }],
          },
        }),
      ),
    enabled: code.length >= 4,
    retry: false,
    staleTime: 60_000,
  })
  const compared = check.data?.tires[0]
  const differs = (compared?.differences.length ?? 0) > 0
  return (
    <Box
      component="fieldset"
      sx={{
        border: 0,
        borderTop: 1,
        borderColor: 'divider',
        p: 0,
        pt: 1.5,
        m: 0,
        width: '100%',
        display: 'flex',
        gap: 1.5,
        flexWrap: 'wrap',
        alignItems: 'flex-start',
      }}
    >
      <Box component="legend" sx={{ float: 'left', width: '100%', p: 0, mb: 1, fontWeight: 650 }}>
        {say('tire2', { number: props.number })}
      </Box>
      <DotEntry
        label={say('dotCodeOfTire', { number: props.number })}
        value={tire.dotCode}
        onChange={(dotCode) => onChange({ dotCode })}
        error={wrong('dotCode')}
        explain={false}
      />
      <Entry
        label={say('numberOnItOptional')}
        value={tire.number}
        onChange={(number) => onChange({ number })}
        error={wrong('number')}
        width={180}
        code
      />
      {tire.otherModel ? (
        <ModelField
          label={say('sidewallSays')}
          value={tire.tireModelId}
          onChange={(id) => onChange({ tireModelId: id })}
          error={wrong('tireModelId')}
          width={420}
        />
      ) : (
        <Box sx={{ alignSelf: 'center' }}>
          <Box
            component="button"
            type="button"
            onClick={() => onChange({ otherModel: true })}
            sx={{
              border: 0,
              background: 'none',
              p: 0.5,
              color: 'primary.main',
              font: 'inherit',
              cursor: 'pointer',
              textDecoration: 'underline',
              minHeight: 24,
            }}
          >
            {say('sidewallSaysSomethingElse')}
          </Box>
        </Box>
      )}
      {compared && (
        <Box sx={{ width: '100%' }} aria-live="polite">
          {compared.differences.map((reason) => (
            <Box key={reason.statement} sx={{ color: 'error.main' }}>
              <strong>{reason.statement}.</strong> {reason.explanation}
            </Box>
          ))}
          {compared.notes.map((reason) => (
            <Box key={reason.statement} sx={{ color: color.watch }}>
              {reason.statement}. {reason.explanation}
            </Box>
          ))}
          {!differs && compared.notes.length === 0 && <Box sx={{ color: color.fit }}>{say('asOrdered')}</Box>}
        </Box>
      )}
      {(differs || tire.accepted === false) && (
        <>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={tire.accepted === false ? 'refuse' : tire.accepted === true ? 'accept' : null}
            onChange={(_, next: string | null) => next && onChange({ accepted: next === 'accept' })}
            aria-label={say('decideAboutTire', { number: props.number })}
          >
            <ToggleButton value="accept">{say('acceptAs', { me: me?.name })}</ToggleButton>
            <ToggleButton value="refuse">{say('refuseIt')}</ToggleButton>
          </ToggleButtonGroup>
          <Entry
            label={tire.accepted === false ? say('whyItIsRefused') : say('noteOptional')}
            value={tire.note}
            onChange={(note) => onChange({ note })}
            error={wrong('note')}
            width={300}
          />
        </>
      )}
    </Box>
  )
}
