import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { mono } from '../../base/theme'
import { Entry } from '../../ui/Entry'
import { useSend } from '../../ui/useSend'
import { many, moment } from '../../units/format'
import { say } from './words'

const EVERY_MS = 5_000

/** In the demo a gateway that isn't there: it streams the fleet's sensors, and lets a tire lose air when asked. */
export function SimulatedGateway() {
  const stream = useQuery({
    queryKey: ['simulated-gateway'],
    queryFn: () => answerOf(api.GET('/api/simulators/gateway/stream')),
    refetchInterval: (query) => (query.state.data?.isOn ? EVERY_MS : false),
  })
  const [unit, setUnit] = useState('')
  const turn = useSend<Schemas['SimulatedStreamView']>(
    () => answerOf(api.POST('/api/simulators/gateway/stream', { body: { isOn: !stream.data?.isOn } })),
    () => void stream.refetch(),
    null,
  )
  const leak = useSend<unknown>(
    () => answerOf(api.POST('/api/simulators/gateway', { body: { leaking: unit.trim() } })),
    () => setUnit(''),
    `A round of samples is in. The first sensor of ${unit.trim()} lost 6 psi.`,
  )
  return (
    <>
      <Box sx={{ width: '100%' }}>
        <strong>{say('simulatedGateway')}</strong>{' '}
        {stream.data?.isOn
          ? say('streamsTheFleetsSensors', { many: many(stream.data.sent, 'sample', 'samples') })
          : say('streamsNothingNow')}
      </Box>
      <Button variant="outlined" sx={{ minHeight: 44 }} onClick={turn.send} loading={turn.busy}>
        {stream.data?.isOn ? say('stopTheStream') : say('streamTheFleetsSensors')}
      </Button>
      <Entry
        label={say('unitWhoseTireLosesAir')}
        value={unit}
        onChange={setUnit}
        width={220}
        hint={say('forExampleLc03')}
      />
      <Button
        variant="outlined"
        sx={{ minHeight: 44 }}
        onClick={leak.send}
        loading={leak.busy}
        disabled={unit.trim() === ''}
      >
        {say('sendARound')}
      </Button>
    </>
  )
}

/** In the demo another system that isn't there: what it was told, and whether the signature was right. */
export function SimulatedReceiver({ onAddress }: { onAddress: (address: string) => void }) {
  const receiver = useQuery({
    queryKey: ['simulated-receiver'],
    queryFn: () => answerOf(api.GET('/api/simulators/receiver')),
    refetchInterval: EVERY_MS,
  })
  if (!receiver.data) return null
  const { address, received } = receiver.data
  return (
    <Box sx={{ width: '100%', display: 'grid', gap: 1 }}>
      <div>
        <strong>{say('simulatedReceiver')}</strong>
        {say('atItHasHeardNothing', { address, count: received.length })}
      </div>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {received.map((one) => (
          <li key={`${one.at} ${one.message}`}>
            {moment(one.at)}, {one.isSigned ? say('signatureRight') : say('signatureWrongRefused')}
            <Box component="code" sx={{ display: 'block', fontFamily: mono, overflowWrap: 'anywhere' }}>
              {one.message}
            </Box>
          </li>
        ))}
      </Box>
      <div>
        <Button onClick={() => onAddress(address)} sx={{ minHeight: 44 }}>
          {say('fillInItsAddress')}
        </Button>
      </div>
    </Box>
  )
}
