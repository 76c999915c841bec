import { act, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { EMPTY } from '../../offline/draft'
import { uploadQueue } from '../../offline/uploadQueue'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { entryOf, FIT, walk } from '../../test/walk'
import { Offline } from './Offline'

const vehicles = [
  { id: 3, unit: 'LC-03', yard: 'Eastbank' },
  { id: 4, unit: 'LC-04', yard: 'Northgate' },
]

/** Rafe's device, holding one walk-around with what was typed at one position. */
async function open(
  answer: (path: string, method: string) => ReturnType<typeof problem> | undefined = () => undefined,
) {
  const calls = fakeServer(({ path, method, body }) => {
    const special = answer(path, method)
    if (special) return special
    if (path === '/api/vehicles') return { body: vehicles }
    if (path.endsWith('/walk-around-draft')) return { body: { ...walk, id: 0, vehicleId: Number(path.split('/')[3]) } }
    if (method === 'PUT') return { body: { entry: entryOf(body, 1), assessment: FIT } }
    return { body: [] }
  })
  await uploadQueue.keepSheet(walk, 'US')
  show(<Offline />)
  return calls
}

describe('what is taken along', () => {
  it('says that offline use is off where the page isn’t one the browser keeps', async () => {
    await open()
    expect(await screen.findByText(/being saved on this device|Offline use is off/)).toBeVisible()
  })

  it('shows what waits and where, and sends it', async () => {
    const calls = await open((_, method) =>
      method === 'PUT' && calls.filter((call) => call.method === 'PUT').length < 2 ? 'unreachable' : undefined,
    )
    await act(async () => {
      await uploadQueue.keep(3, '2LO', { ...EMPTY, pressure: '94' }, 'US')
      await uploadQueue.sendAll()
    })
    expect(screen.getByText('Waiting to upload: 1 position.')).toBeVisible()
    const row = within(screen.getByRole('row', { name: /LC-03/ }))
    expect(row.getByRole('link', { name: '2LO' })).toHaveAttribute('href', '/vehicles/3/walk-around/7?at=2LO')
    expect(row.queryByRole('button', { name: 'Remove from device' })).not.toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Upload now' }))
    expect(await row.findByRole('button', { name: 'Remove from device' })).toBeVisible()
    expect(screen.queryByText(/Waits to be sent/)).not.toBeInTheDocument()
  })

  it('names who else saved the same position, and what was refused', async () => {
    await open((_, method) =>
      method === 'PUT' ? problem(412, {}, { ...entryOf({}, 4), by: 'Tomas Weil' }) : undefined,
    )
    await act(async () => {
      await uploadQueue.keep(3, '2LO', { ...EMPTY, pressure: '94' }, 'US')
      await uploadQueue.sendAll()
    })
    expect(screen.getByText(/Tomas Weil also saved this. Choose a version/)).toBeVisible()
  })

  it('takes the vehicles of one yard onto this device', async () => {
    const calls = await open()
    await userEvent.click(await screen.findByLabelText('Yard'))
    await userEvent.click(screen.getByRole('option', { name: 'Northgate' }))
    await userEvent.click(screen.getByRole('button', { name: 'Take along 1 vehicle' }))
    expect(await screen.findByText('1 on this device')).toBeVisible()
    expect(calls.filter((call) => call.path.endsWith('/walk-around-draft')).map((call) => call.path)).toEqual([
      '/api/vehicles/4/walk-around-draft',
    ])
    expect(uploadQueue.sheet(4)?.walkAround.id).toBe(0)
  })
})
