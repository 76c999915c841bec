import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { type InHand, takeInHand, useInHand } from '../../gauge/inHand'
import { Choice } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { say } from './words'

const KINDS: [InHand, string][] = [
  ['PRESSURE', say('pressureGauge')],
  ['TREAD', say('treadGauge')],
]

/** Which gauges are in the hand: their names go into the history with every figure. */
export function GaugeSelection() {
  const [choosing, setChoosing] = useState(false)
  const hand = useInHand()
  const names = [hand.PRESSURE?.name, hand.TREAD?.name].filter(Boolean)
  const doubted = hand.PRESSURE?.doubt ?? hand.TREAD?.doubt
  return (
    <>
      <Button onClick={() => setChoosing(true)} sx={{ minHeight: 44, gap: 0.75 }}>
        {doubted && <VerdictIcon verdict="WATCH" size={15} named={false} />}
        {names.length > 0 ? say('gauges', { names: names.join(', ') }) : say('whichGauges')}
      </Button>
      {choosing && (
        <FormDialog
          title={say('gaugesInUse')}
          action={say('done')}
          error={undefined}
          busy={false}
          onSend={() => setChoosing(false)}
          onClose={() => setChoosing(false)}
        >
          {KINDS.map(([kind, label]) => (
            <Choice
              key={kind}
              label={label}
              width={240}
              value={String(hand[kind]?.id ?? '')}
              options={[
                ['', say('notSaid')],
                ...hand.all
                  .filter((one) => one.type === kind && !one.retired)
                  .map((one) => [String(one.id), one.name] as const),
              ]}
              onChange={(id) => takeInHand(kind, id === '' ? null : Number(id))}
            />
          ))}
          {KINDS.map(
            ([kind]) =>
              hand[kind]?.doubt && (
                <Alert key={kind} severity="warning" sx={{ width: '100%' }}>
                  <strong>{hand[kind].doubt}.</strong> {hand[kind].explanation}
                </Alert>
              ),
          )}
        </FormDialog>
      )}
    </>
  )
}
