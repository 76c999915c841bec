import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/Failed'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { day } from '../../units/format'

type Number = Schemas['NumberView']

/** Every number a fleet may set: its default, what the fleet and its classes signed, and which way is stricter. */
export function PolicyPage() {
  const policy = useQuery({ queryKey: ['policy'], queryFn: () => answerOf(api.GET('/api/policy')) })
  const [open, setOpen] = useState<Number | null>(null)
  const may = useMay('MANAGER')
  if (policy.isPending) return <LoadingLines lines={10} />
  if (policy.isError) return <LoadProblem error={policy.error} again={() => policy.refetch()} />
  return (
    <Page title="Policy" about="Where fleet and class both set a number, the stricter counts">
      <Table label="Policy numbers" heads={['Number', 'Our default', 'Stricter is', 'Signed', '']}>
        {policy.data.map((number) => (
          <tr key={number.number}>
            <td>
              <strong>{number.title}</strong>
            </td>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              {number.byDefault}
            </Box>
            <td>{number.stricter === 'HIGHER' ? 'higher' : 'lower'}</td>
            <td>
              {number.settings.length === 0 && (
                <Box component="span" sx={{ color: 'text.secondary' }}>
                  nothing: the default counts
                </Box>
              )}
              {number.settings.map((setting) => (
                <div key={setting.vehicleClass ?? ''}>
                  <strong>{setting.value}</strong>, {setting.setBy}, {day(setting.at)}
                </div>
              ))}
            </td>
            <td>
              {may && (
                <Button size="small" onClick={() => setOpen(number)} aria-label={`Sign: ${number.title}`}>
                  Sign…
                </Button>
              )}
            </td>
          </tr>
        ))}
      </Table>
      {!may && <p>Numbers are signed by a manager.</p>}
      {open && <SignDialog number={open} onClose={() => setOpen(null)} />}
    </Page>
  )
}

function SignDialog({ number, onClose }: { number: Number; onClose: () => void }) {
  const [vehicleClass, setVehicleClass] = useState('')
  const [value, setValue] = useState('')
  const register = useQuery(registerQuery)
  const notice = useNotice()
  const form = useSend(
    () =>
      answerOf(
        api.PUT('/api/policy/{number}', {
          params: { path: { number: number.number } },
          body: { value, ...(vehicleClass && { vehicleClass }) },
        }),
      ),
    () => {
      notice({ text: `${number.title}: signed. Every verdict follows it from now on.` })
      onClose()
    },
  )
  return (
    <FormDialog
      title={number.title}
      action={value.trim() === '' ? 'Withdraw it' : 'Sign it'}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Choice
        label="For"
        value={vehicleClass}
        options={[
          ['', 'the whole fleet'],
          ...(register.data?.classes ?? []).map((name) => [name, name] as [string, string]),
        ]}
        onChange={setVehicleClass}
        error={form.wrong('vehicleClass')}
        width={240}
      />
      <Entry
        label="Number"
        value={value}
        onChange={setValue}
        error={form.wrong('value')}
        unit={number.unit}
        hint={`Default ${number.byDefault}; ${number.stricter === 'HIGHER' ? 'higher' : 'lower'} is stricter. Blank withdraws what was signed for this scope.`}
        width={300}
        autoFocus
      />
      <Box sx={{ color: 'text.secondary' }}>Law and the makers’ data come first, whatever is signed here.</Box>
    </FormDialog>
  )
}
