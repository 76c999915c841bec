import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { mono } from '../../base/theme'
import { useSimulated } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useSend } from '../../ui/useSend'
import { day } from '../../units/format'
import { SimulatedGateway, SimulatedReceiver } from './SimulatedMachines'
import { say } from './words'

type Scope = Schemas['MachineTokenView']['scopes'][number]

const SCOPES: [Scope, string][] = [
  ['ODOMETERS', say('odometers')],
  ['PRESSURES', say('sensorPressures')],
  ['SENSOR_ALARMS', say('sensorAlarms')],
  ['GAUGE_READINGS', say('gaugeAndAnalyzerReadings')],
  ['SCALE_TICKETS', say('scaleTickets')],
]

/** Tokens of machines that send on their own. */
export function MachineTokens() {
  const tokens = useQuery({ queryKey: ['machine-tokens'], queryFn: () => answerOf(api.GET('/api/machine-tokens')) })
  const [name, setName] = useState('')
  const [scopes, setScopes] = useState<Scope[]>([])
  const [made, setMade] = useState<Schemas['NewMachineTokenView']>()
  const simulated = useSimulated()
  const add = useSend<Schemas['NewMachineTokenView']>(
    () => answerOf(api.POST('/api/machine-tokens', { body: { name, scopes } })),
    (token) => {
      setMade(token)
      setName('')
      setScopes([])
    },
    null,
  )
  return (
    <>
      {tokens.isPending && <LoadingLines lines={2} />}
      {tokens.isError && <LoadProblem error={tokens.error} again={() => tokens.refetch()} />}
      {tokens.data?.length === 0 && <Box sx={{ width: '100%' }}>{say('noMachineSendsYet')}</Box>}
      {tokens.data?.map((token) => (
        <Line
          key={token.id}
          name={token.name}
          about={say('madeBy', {
            scopes: token.scopes.map((scope) => SCOPES.find(([one]) => one === scope)?.[1]).join(', '),
            by: token.by,
            createdAt: day(token.createdAt),
            lastUsedAt: token.lastUsedAt
              ? say('lastSent', { lastUsedAt: day(token.lastUsedAt) })
              : say('hasNotSentYet'),
          })}
          revoke={() =>
            answerOf(api.DELETE('/api/machine-tokens/{id}', { params: { path: { id: token.id } } })).then(() => {})
          }
          revoked={say('canSendNoMore', { token: token.name })}
        />
      ))}
      {made && <Secret label={say('tokenOf', { made: made.name })} secret={made.token} />}
      <Entry
        label={say('machine')}
        value={name}
        onChange={setName}
        error={add.wrong('name')}
        hint={say('forExampleYardGateway')}
        width={220}
      />
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
        <Box component="legend" sx={{ p: 0 }}>
          {say('itMaySend')}
        </Box>
        {SCOPES.map(([scope, label]) => (
          <FormControlLabel
            key={scope}
            label={label}
            control={
              <Checkbox
                checked={scopes.includes(scope)}
                onChange={(_, on) => setScopes(on ? [...scopes, scope] : scopes.filter((one) => one !== scope))}
              />
            }
          />
        ))}
        {add.wrong('scopes') && <Box sx={{ color: 'error.main' }}>{add.wrong('scopes')}</Box>}
      </Box>
      <Button variant="outlined" sx={{ minHeight: 44 }} onClick={add.send} loading={add.busy}>
        {say('makeAToken')}
      </Button>
      {simulated && <SimulatedGateway />}
    </>
  )
}

/** Addresses of other systems that are told what is noticed. */
export function Webhooks() {
  const webhooks = useQuery({ queryKey: ['webhooks'], queryFn: () => answerOf(api.GET('/api/webhooks')) })
  const [address, setAddress] = useState('')
  const [made, setMade] = useState<Schemas['NewWebhookView']>()
  const simulated = useSimulated()
  const add = useSend<Schemas['NewWebhookView']>(
    () => answerOf(api.POST('/api/webhooks', { body: { address } })),
    (webhook) => {
      setMade(webhook)
      setAddress('')
    },
    null,
  )
  return (
    <>
      {webhooks.isPending && <LoadingLines lines={2} />}
      {webhooks.isError && <LoadProblem error={webhooks.error} again={() => webhooks.refetch()} />}
      {webhooks.data?.length === 0 && <Box sx={{ width: '100%' }}>{say('noOtherSystemIsTold')}</Box>}
      {webhooks.data?.map((webhook) => (
        <Line
          key={webhook.id}
          name={webhook.address}
          about={[
            webhook.lastDeliveredAt
              ? say('lastTold', { lastDeliveredAt: day(webhook.lastDeliveredAt) })
              : say('notToldYet'),
            webhook.waiting > 0 && `${webhook.waiting} waiting`,
            webhook.problem,
          ]
            .filter(Boolean)
            .join(' · ')}
          revoke={() =>
            answerOf(api.DELETE('/api/webhooks/{id}', { params: { path: { id: webhook.id } } })).then(() => {})
          }
          revoked={say('isToldNoMore', { address: webhook.address })}
        />
      ))}
      {made && <Secret label={say('secretFor', { address: made.address })} secret={made.secret} />}
      <Entry
        label={say('address')}
        value={address}
        onChange={setAddress}
        error={add.wrong('address')}
        hint="https://dispatch.example.com/rotagens"
        width={320}
      />
      <Button variant="outlined" sx={{ minHeight: 44 }} onClick={add.send} loading={add.busy}>
        {say('tellThisSystem')}
      </Button>
      {simulated && <SimulatedReceiver onAddress={setAddress} />}
    </>
  )
}

function Line(props: { name: string; about: ReactNode; revoke: () => Promise<void>; revoked: string }) {
  const revoke = useSend<void>(props.revoke, () => {}, props.revoked)
  return (
    <Box sx={{ width: '100%', display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
      <Box sx={{ flex: 1, minWidth: 220, overflowWrap: 'anywhere' }}>
        <strong>{props.name}</strong>
        <Box sx={{ color: 'text.secondary' }}>{props.about}</Box>
      </Box>
      <Button
        onClick={revoke.send}
        loading={revoke.busy}
        aria-label={say('takeBack', { name: props.name })}
        sx={{ minHeight: 44 }}
      >
        {say('takeBack2')}
      </Button>
    </Box>
  )
}

function Secret({ label, secret }: { label: string; secret: string }) {
  return (
    <Alert severity="success" sx={{ width: '100%' }}>
      {say('shownThisOnceCopy', { label })}
      <Box component="code" sx={{ display: 'block', fontFamily: mono, overflowWrap: 'anywhere', mt: 0.5 }}>
        {secret}
      </Box>
    </Alert>
  )
}
