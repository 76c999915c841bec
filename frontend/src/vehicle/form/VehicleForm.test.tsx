import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { BLANK } from './blank'
import { VehicleForm } from './VehicleForm'

const register = {
  yards: ['Millrace'],
  classes: ['Box truck'],
  vehicleTypes: [{ type: 'TRUCK', placardLocation: 'driver’s door jamb' }],
  placardLoadBases: [{ code: 'UNKNOWN', label: 'not known which load it assumes' }],
  retired: [],
}

/** Places as the server would name them: two or four tires an axle. */
function places(axles: { tires: number }[]) {
  return axles.flatMap((axle, at) =>
    (axle.tires === 4 ? ['LO', 'LI', 'RI', 'RO'] : ['L', 'R']).map((code) => ({
      position: `${at + 1}${code}`,
      name: `axle ${at + 1} ${code}`,
      axle: at + 1,
    })),
  )
}

function server(refusal?: Record<string, string>, effects: string[] = []) {
  return fakeServer(({ path, body, method }) => {
    if (path === '/api/vehicle-register') return { body: register }
    if (path === '/api/vehicles/layout-change') {
      return { body: { positions: places((body as { axles: { tires: number }[] }).axles), blocked: [], effects } }
    }
    if (method === 'POST' && path === '/api/vehicles') return refusal ? problem(422, refusal) : { body: { id: 25 } }
    return { body: {} }
  })
}

describe('building a vehicle', () => {
  it('draws the axles as they are built and sends what was entered', async () => {
    const calls = server()
    show(<VehicleForm start={BLANK} />)
    expect(await screen.findByText('4 positions: 1L 1R 2L 2R')).toBeVisible()
    const second = screen.getByRole('group', { name: 'Tires of axle 2' })
    await userEvent.click(within(second).getByText('dual'))
    expect(await screen.findByText('6 positions: 1L 1R 2LO 2LI 2RI 2RO')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Unit number'), 'BX-1')
    await userEvent.type(screen.getByLabelText('Torque, axle 2'), '475')
    await userEvent.click(screen.getByRole('button', { name: 'Add vehicle' }))
    const sent = calls.find((call) => call.method === 'POST' && call.path === '/api/vehicles')
    expect(sent?.headers.get('Idempotency-Key')).toBeTruthy()
    const body = sent?.body as {
      unit: string
      axles: { tires: number }[]
      wheels: { position: string; torque?: string }[]
    }
    expect(body.unit).toBe('BX-1')
    expect(body.axles.map((axle) => axle.tires)).toEqual([2, 4])
    expect(body.wheels.filter((wheel) => wheel.torque === '475').map((wheel) => wheel.position)).toEqual([
      '2LO',
      '2LI',
      '2RI',
      '2RO',
    ])
  })

  it('draws the axles as they were only pale while the drawing of the changed ones is on its way', async () => {
    let drawn = () => {}
    const later = new Promise<void>((resolve) => {
      drawn = resolve
    })
    fakeServer(async ({ path, body }) => {
      if (path === '/api/vehicle-register') return { body: register }
      if (path !== '/api/vehicles/layout-change') return { body: {} }
      const { axles } = body as { axles: { tires: number }[] }
      if (axles[1]?.tires === 4) await later
      return { body: { positions: places(axles), blocked: [], effects: [] } }
    })
    show(<VehicleForm start={BLANK} />)
    const before = await screen.findByText('4 positions: 1L 1R 2L 2R')
    await userEvent.click(within(screen.getByRole('group', { name: 'Tires of axle 2' })).getByText('dual'))
    await waitFor(() => expect(before.parentElement).toHaveAttribute('aria-busy', 'true'))
    drawn()
    const now = await screen.findByText('6 positions: 1L 1R 2LO 2LI 2RI 2RO')
    expect(now.parentElement).toHaveAttribute('aria-busy', 'false')
  })

  it('marks every wrong entry at its field and keeps what was typed', async () => {
    server({
      gvwr: '“heavy” is not a weight.',
      'axles[1].placardPressure': 'Size and pressure stand together on the placard.',
      'wheels.1L.maximumPressure': 'The placard asks for 100 psi, the wheel holds at most 90 psi.',
    })
    show(<VehicleForm start={BLANK} />)
    await screen.findByText('4 positions: 1L 1R 2L 2R')
    await userEvent.type(screen.getByLabelText('GVWR from the plate'), 'heavy')
    await userEvent.click(screen.getByRole('button', { name: 'Add vehicle' }))
    expect(await screen.findByText('“heavy” is not a weight.')).toBeVisible()
    expect(screen.getByText('Size and pressure stand together on the placard.')).toBeVisible()
    expect(screen.getByText(/the wheel holds at most 90 psi/)).toBeVisible()
    expect(screen.getByLabelText('GVWR from the plate')).toHaveValue('heavy')
  })

  it('says where the placard is found on that kind of vehicle', async () => {
    server()
    show(<VehicleForm start={{ ...BLANK, type: 'TRUCK' }} />)
    expect(await screen.findByText(/the placard is found driver’s door jamb/)).toBeVisible()
  })

  it('asks to confirm what an axle’s new use means for tires that stay', async () => {
    server(undefined, ['The tires on axle 2 count as tag tires instead of drive tires; they stay where they are.'])
    show(<VehicleForm start={BLANK} />)
    expect(await screen.findByText(/count as tag tires/)).toBeVisible()
    expect(screen.getByLabelText('Confirm these changes')).not.toBeChecked()
  })

  it('shows each position’s wheel on its own where they differ', async () => {
    server()
    show(<VehicleForm start={BLANK} />)
    await screen.findByText('4 positions: 1L 1R 2L 2R')
    expect(screen.queryByLabelText('Torque, 1R')).not.toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Wheels of axle 1 differ' }))
    await userEvent.type(screen.getByLabelText('Torque, 1R'), '450')
    expect(screen.getByLabelText('Torque, 1L')).toHaveValue('')
    expect(screen.getByLabelText('Torque, 1R')).toHaveValue('450')
  })
})
