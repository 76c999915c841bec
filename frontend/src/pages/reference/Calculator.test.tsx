import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { steer } from '../../vehicle/load-pressure/sample'
import { Calculator } from './Calculator'

it('takes a target away with the figures it was worked out for', async () => {
  let worked = () => {}
  const later = new Promise<void>((resolve) => {
    worked = resolve
  })
  fakeServer(async (call) => {
    const heavier = (call.body as { left: string }).left === '9000'
    if (heavier) await later
    return { body: { axlePressure: steer, fill: heavier ? '96 psi' : '82 psi', fillStatement: 'bay at 60 °F' } }
  })
  show(<Calculator />, '/?sidewall=LT245/75R17 121/118S E')
  expect(await screen.findByText('82 psi')).toBeVisible()
  await userEvent.type(screen.getByLabelText('Left end'), '9000')
  await waitFor(() => expect(screen.queryByText('82 psi')).toBeNull())
  worked()
  expect(await screen.findByText('96 psi')).toBeVisible()
})
