import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { SettingHistory } from './SettingHistory'
import { say } from './words'

type ChoiceView = Schemas['PolicyChoiceView']

/** The choices between schools of practice: none is stricter, so the narrowest scope that chose counts. */
export function PolicyChoices({ may }: { may: boolean }) {
  const choices = useQuery({
    queryKey: ['policy', 'choices'],
    queryFn: () => answerOf(api.GET('/api/policy-choices')),
  })
  const [open, setOpen] = useState<ChoiceView>()
  if (choices.isPending) return <LoadingLines lines={3} />
  if (choices.isError) return <LoadProblem error={choices.error} again={() => choices.refetch()} />
  return (
    <Box component="section" aria-labelledby="policy-choices" sx={{ mt: 3 }}>
      <Box component="h2" id="policy-choices" sx={{ typography: 'h3', m: 0 }}>
        {say('policyChoices')}
      </Box>
      <p style={{ marginTop: 4 }}>{say('vehicleClassChoiceOverrides')}</p>
      <Table label={say('policyChoices')} heads={[say('choice'), say('default'), say('setBy'), '']}>
        {choices.data.map((choice) => (
          <tr key={choice.choice}>
            <td>
              <strong>{choice.title}</strong>
            </td>
            <td>
              {choice.defaultOption}
              <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{choice.source}</Box>
            </td>
            <td>
              <SettingHistory settings={choice.settings} earlier={choice.earlier} />
            </td>
            <td>
              {may && (
                <Button
                  size="small"
                  onClick={() => setOpen(choice)}
                  aria-label={say('choose', { choice: choice.title })}
                >
                  {say('choose2')}
                </Button>
              )}
            </td>
          </tr>
        ))}
      </Table>
      {open && <ChooseDialog choice={open} onClose={() => setOpen(undefined)} />}
    </Box>
  )
}

function ChooseDialog({ choice, onClose }: { choice: ChoiceView; onClose: () => void }) {
  const [vehicleClass, setVehicleClass] = useState('')
  const [option, setOption] = useState(choice.options[0]?.code ?? '')
  const [why, setWhy] = useState('')
  const register = useQuery(registerQuery)
  const notice = useNotice()
  const form = useSend(
    () =>
      answerOf(
        api.PUT('/api/policy-choices/{choice}', {
          params: { path: { choice: choice.choice } },
          body: { vehicleClass, option, reason: why },
        }),
      ),
    () => {
      notice({ text: say('signed', { choice: choice.title }) })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={choice.title}
      action={option === '' ? say('restoreDefault') : say('approveChange')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Choice
        label={say('scope')}
        value={vehicleClass}
        options={[
          ['', say('wholeFleet')],
          ...(register.data?.classes ?? []).map((name) => [name, name] as [string, string]),
        ]}
        onChange={setVehicleClass}
        error={form.wrong('vehicleClass')}
      />
      <Choice
        label={say('choice')}
        value={option}
        options={[
          ...choice.options.map((one) => [one.code, one.label] as [string, string]),
          ['', say('withdrawWhatWasSigned')],
        ]}
        onChange={setOption}
        error={form.wrong('option')}
        width={340}
      />
      <Entry label={say('why')} value={why} onChange={setWhy} error={form.wrong('reason')} width={420} />
    </FormDialog>
  )
}
