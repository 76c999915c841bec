import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { Backups } from './Backups'

const made = (name: string): Schemas['BackupView'] => ({ name, madeAt: '2026-11-23T02:30:00Z', kilobytes: 1_234 })

const none: Schemas['BackupsView'] = { folder: '/srv/fleet/backups', keep: 14, backups: [] }

describe('backups', () => {
  it('say where they lie, that they are checked, and that none is made yet', async () => {
    fakeServer(() => ({ body: none }))
    show(<Backups />)
    expect(await screen.findByText('/srv/fleet/backups')).toBeVisible()
    expect(screen.getByRole('region', { name: 'Backups' })).toHaveTextContent('the newest 14 are saved')
    expect(screen.getByText('None yet.')).toBeVisible()
  })

  it('are made at once, and stand in the list then', async () => {
    let all = none
    fakeServer(({ method }) => {
      if (method === 'POST') all = { ...none, backups: [made('rotagens-20261123T023000Z.zip')] }
      return { body: method === 'POST' ? all.backups[0] : all }
    })
    show(<Backups />)
    await userEvent.click(await screen.findByRole('button', { name: 'Back up now' }))
    expect(await screen.findByRole('listitem')).toHaveTextContent('1,234 kB')
  })

  it('say why the last one failed, and why this one did', async () => {
    fakeServer(({ method }) =>
      method === 'POST' ? problem(409) : { body: { ...none, problem: 'No backup was made last night.' } },
    )
    show(<Backups />)
    expect(await screen.findByText('No backup was made last night.')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Back up now' }))
    expect(await screen.findByText('Nothing was stored.')).toBeVisible()
  })
})
