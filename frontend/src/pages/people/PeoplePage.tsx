import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { answerOf, api } from '../../api/client'
import { peopleQuery } from '../../api/queries'
import { color } from '../../base/theme'
import { type Person, ROLE_MEANS, ROLE_WORDS, type Role, useMay, useMe } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { say } from './words'

const ROLES = (['VIEWER', 'TECHNICIAN', 'COORDINATOR', 'MANAGER'] as const).map(
  (role) => [role, `${ROLE_WORDS[role]}: ${ROLE_MEANS[role]}`] as const,
)

/** Everybody on file: who may do what. Managers add, change and close accounts; nobody is deleted. */
export function PeoplePage() {
  const people = useQuery(peopleQuery)
  const at = Number(useSearchParams()[0].get('at'))
  const may = useMay('MANAGER')
  const me = useMe()
  const [open, setOpen] = useState<Person | 'new' | null>(null)
  const [password, setPassword] = useState<Person | null>(null)
  if (people.isPending) return <LoadingLines />
  if (people.isError) return <LoadProblem error={people.error} again={() => people.refetch()} />
  return (
    <Page
      title={say('people')}
      about={say('readingsMovesAndApprovals')}
      actions={
        may && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            {say('addAPerson')}
          </Button>
        )
      }
    >
      <Table label={say('people')} heads={[say('name'), say('role'), say('account'), '']}>
        {people.data.map((person) => (
          <Box component="tr" key={person.id} sx={person.id === at ? { background: color.picked } : {}}>
            <td>
              <strong>{person.name}</strong>
              {person.id === me?.id && ' (you)'}
            </td>
            <td>
              {ROLE_WORDS[person.role]}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                , {ROLE_MEANS[person.role]}
              </Box>
            </td>
            <td>{person.active ? (person.canSignIn ? say('canSign') : say('noPasswordYet')) : 'closed'}</td>
            <td>
              {may && (
                <>
                  <Button size="small" onClick={() => setOpen(person)}>
                    {say('change')}
                  </Button>
                  <Button size="small" onClick={() => setPassword(person)}>
                    {say('setPassword')}
                  </Button>
                </>
              )}
            </td>
          </Box>
        ))}
      </Table>
      {!may && <p>{say('accountsAreManaged')}</p>}
      {open && <PersonDialog person={open === 'new' ? undefined : open} onClose={() => setOpen(null)} />}
      {password && <PasswordDialog person={password} onClose={() => setPassword(null)} />}
    </Page>
  )
}

function PersonDialog({ person, onClose }: { person: Person | undefined; onClose: () => void }) {
  const [name, setName] = useState(person?.name ?? '')
  const [role, setRole] = useState<Role>(person?.role ?? 'TECHNICIAN')
  const [active, setActive] = useState(person?.active ?? true)
  const [password, setPassword] = useState('')
  const notice = useNotice()
  const form = useSend(
    () =>
      person
        ? answerOf(api.PUT('/api/people/{id}', { params: { path: { id: person.id } }, body: { name, role, active } }))
        : answerOf(api.POST('/api/people', { body: { name, role, password } })),
    (saved) => {
      notice({
        text: person ? say('saved', { saved: saved.name }) : say('canNowSignInGive', { saved: saved.name }),
      })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={person ? say('change2', { person: person.name }) : say('addAPerson2')}
      action={person ? say('save') : say('add')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry label={say('name')} value={name} onChange={setName} error={form.wrong('name')} width="100%" autoFocus />
      <Choice
        label={say('role')}
        value={role}
        options={ROLES}
        onChange={setRole}
        error={form.wrong('role')}
        width="100%"
      />
      {person ? (
        <Box>
          <FormControlLabel
            control={<Checkbox checked={active} onChange={(event) => setActive(event.target.checked)} />}
            label={say('accountActive')}
          />
          {form.wrong('active') && <Box sx={{ color: 'error.main' }}>{form.wrong('active')}</Box>}
        </Box>
      ) : (
        <Entry
          label={say('firstPassword')}
          type="password"
          value={password}
          onChange={setPassword}
          error={form.wrong('password')}
          hint={say('atLeast12Characters')}
          width="100%"
        />
      )}
    </FormDialog>
  )
}

function PasswordDialog({ person, onClose }: { person: Person; onClose: () => void }) {
  const [password, setPassword] = useState('')
  const notice = useNotice()
  const form = useSend(
    () => answerOf(api.PUT('/api/people/{id}/password', { params: { path: { id: person.id } }, body: { password } })),
    () => {
      notice({ text: say('isSignedOutEverywhere', { person: person.name }) })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('newPassword', { person: person.name })}
      action={say('setPassword2')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry
        label={say('newPassword2')}
        type="password"
        value={password}
        onChange={setPassword}
        error={form.wrong('password')}
        hint={say('atLeast12Characters')}
        width="100%"
        autoFocus
      />
    </FormDialog>
  )
}
