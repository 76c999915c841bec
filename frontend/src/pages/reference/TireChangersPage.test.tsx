import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { TireChangersPage } from './TireChangersPage'

type Machine = Schemas['TireChangerView']

const changer: Machine = {
  id: 4,
  version: 2,
  name: 'Changer 1',
  type: 'SIDE_SHOVEL',
  typeLabel: 'side shovel and jaw table',
  maxTireDiameter: '36 in',
  minRimDiameter: '12',
  maxRimDiameter: '20',
  maxWidth: '12 in',
  valvePositions: [{ step: 'BREAK_FRONT', label: 'Break the front bead', clock: '12', advice: 'valve at 12' }],
} as Machine

describe('tire changers', () => {
  it('show what they take, and what nobody has put on file', async () => {
    fakeServer(() => ({
      body: [changer, { ...changer, id: 5, name: 'Changer 2', maxTireDiameter: '', valvePositions: [] }],
    }))
    show(<TireChangersPage />)
    const rows = within(await screen.findByRole('table', { name: 'Tire changers' })).getAllByRole('row')
    expect(rows[1]).toHaveTextContent('12 to 20 in')
    expect(rows[1]).toHaveTextContent('Break the front bead: valve at 12')
    expect(rows[2]).toHaveTextContent('not on file')
  })

  it('are changed as a whole over the version that was seen', async () => {
    const calls = fakeServer(({ method }) =>
      method === 'PUT' ? { status: 204, body: undefined } : { body: [changer] },
    )
    show(<TireChangersPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Change Changer 1' }))
    await userEvent.clear(screen.getByLabelText('Rim up to'))
    await userEvent.type(screen.getByLabelText('Rim up to'), '24')
    await userEvent.type(screen.getByLabelText('Put the top bead on'), '3')
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await vi.waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument())
    const put = calls.find((call) => call.method === 'PUT')
    expect(put?.headers.get('If-Match')).toBe('"2"')
    expect(put?.body).toEqual({
      name: 'Changer 1',
      type: 'SIDE_SHOVEL',
      maxTireDiameter: '36 in',
      minRimDiameter: '12',
      maxRimDiameter: '24',
      maxWidth: '12 in',
      valvePositions: { BREAK_FRONT: '12', MOUNT_TOP: '3' },
    })
  })

  it('name entries as the form does where two changed one, and say if it is gone', async () => {
    let now: Machine[] = [changer]
    fakeServer(({ method }) => {
      if (method !== 'PUT') return { body: now }
      now = [{ ...changer, version: 3, maxTireDiameter: '46 in' }]
      return problem(412)
    })
    show(<TireChangersPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Change Changer 1' }))
    await userEvent.clear(screen.getByLabelText('Tire diameter at most'))
    await userEvent.type(screen.getByLabelText('Tire diameter at most'), '44 in')
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    const row = (await screen.findByText('tire diameter at most')).closest('tr')
    expect(row).toHaveTextContent('both changed it')
    expect(row).toHaveTextContent('36 in')
    await userEvent.click(screen.getByRole('radio', { name: 'tire diameter at most: on file now, 46 in' }))
    await userEvent.click(screen.getByRole('button', { name: 'Go on with these' }))
    expect(screen.getByLabelText('Tire diameter at most')).toHaveValue('46 in')
  })

  it('say that it is gone where somebody took it off the file meanwhile', async () => {
    let now: Machine[] = [changer]
    fakeServer(({ method }) => {
      if (method !== 'PUT') return { body: now }
      now = []
      return problem(412)
    })
    show(<TireChangersPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Change Changer 1' }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    expect(await screen.findByText('Another user removed it meanwhile.')).toBeVisible()
  })
})
