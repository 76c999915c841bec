import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { mono } from '../../base/theme'
import { Entry } from '../../ui/Entry'
import { useSend } from '../../ui/useSend'
import { many, moment } from '../../units/format'

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
        <strong>Simulated gateway.</strong>{' '}
        {stream.data?.isOn
          ? `Streams the fleet’s sensors, a round every 15 seconds: ${many(stream.data.sent, 'sample', 'samples')} so far.`
          : 'Streams nothing now.'}
      </Box>
      <Button variant="outlined" sx={{ minHeight: 44 }} onClick={turn.send} loading={turn.busy}>
        {stream.data?.isOn ? 'Stop the stream' : 'Stream the fleet’s sensors'}
      </Button>
      <Entry label="Unit whose tire loses air" value={unit} onChange={setUnit} width={220} hint="for example LC-03" />
      <Button
        variant="outlined"
        sx={{ minHeight: 44 }}
        onClick={leak.send}
        loading={leak.busy}
        disabled={unit.trim() === ''}
      >
        Send a round with a leak
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
        <strong>Simulated receiver</strong> at {address}.{' '}
        {received.length === 0 ? 'It has heard nothing yet.' : 'What it was told, newest first:'}
      </div>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {received.map((one) => (
          <li key={`${one.at} ${one.message}`}>
            {moment(one.at)}, {one.isSigned ? 'signature right' : 'signature wrong, refused'}
            <Box component="code" sx={{ display: 'block', fontFamily: mono, overflowWrap: 'anywhere' }}>
              {one.message}
            </Box>
          </li>
        ))}
      </Box>
      <div>
        <Button onClick={() => onAddress(address)} sx={{ minHeight: 44 }}>
          Fill in its address
        </Button>
      </div>
    </Box>
  )
}
