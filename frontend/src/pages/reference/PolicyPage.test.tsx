import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { PolicyPage } from './PolicyPage'

const numbers = [
  {
    number: 'OVERALL_AGE',
    topic: 'AGE',
    topicTitle: 'Age',
    title: 'Overall age limit',
    unit: 'years',
    defaultValue: '10 years',
    stricter: 'LOWER',
    settings: [
      {
        scope: 'class Clinic coach',
        value: '8 years',
        setBy: 'fleet policy for class Clinic coach, signed by Dana Prestwick',
        reason: 'they stand a lot',
        at: '2026-11-01T12:00:00Z',
        isCleared: false,
      },
    ],
    earlier: [
      {
        scope: 'the whole fleet',
        value: '9 years',
        setBy: 'fleet policy, signed by Dana Prestwick',
        reason: '',
        at: '2026-10-01T12:00:00Z',
        isCleared: true,
      },
    ],
    source: 'the longest any tire manufacturer allows',
  },
  {
    number: 'PULL_OTHER',
    topic: 'TREAD',
    topicTitle: 'Tread and wear',
    title: 'Pull point, all others',
    unit: '/32 in',
    defaultValue: '3/32 in',
    stricter: 'HIGHER',
    source: 'one mark before the legal limit',
    settings: [],
    earlier: [],
  },
]

const turned = {
  changedVerdicts: [
    { vehicleId: 1, unit: 'VN-02', position: '1L', before: 'GOOD', after: 'DO_NOT_OPERATE', headline: 'Age 2.8 y' },
  ],
  movedDueDates: [
    {
      vehicleId: 1,
      unit: 'VN-02',
      work: 'Replace tire',
      positions: ['1L', '1R'],
      before: '2027-02-21',
      after: '2026-02-21',
      becomesOverdue: true,
    },
  ],
}

const choices = [
  {
    choice: 'EVEN_WEAR_SCOPE',
    title: 'Rotating for even wear moves tires',
    defaultValue: 'wherever it helps most',
    source: 'schools differ',
    options: [
      { code: 'ANYWHERE', label: 'wherever it helps most' },
      { code: 'WITHIN_AXLES', label: 'left and right within their axle' },
    ],
    settings: [],
    earlier: [],
  },
]

const answers = (path: string) =>
  path === '/api/policy-choices'
    ? { body: choices }
    : path === '/api/vehicle-register'
      ? { body: { yards: [], classes: ['Clinic coach'], vehicleTypes: [], placardLoadBases: [], retired: [] } }
      : { body: numbers }

describe('policy', () => {
  it('shows default, what was signed by whom, and where nothing was', async () => {
    fakeServer(({ path }) => answers(path))
    show(<PolicyPage />, '/?part=age')
    expect(await screen.findByText('8 years')).toBeVisible()
    expect(screen.getByText(/signed by Dana Prestwick, Nov 1, 2026/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Tread and wear' }))
    expect(screen.getAllByText('nothing: the default counts')[0]).toBeVisible()
  })

  it('signs a number for one class, and says at the field why it can’t be', async () => {
    let refused = true
    const calls = fakeServer(({ method, path }) => {
      if (path.endsWith('/preview')) return { body: turned }
      if (method !== 'PUT') return answers(path)
      return refused
        ? problem(422, { value: 'Pull point, all others lies between 2/32 in and 15/32 in.' })
        : { status: 204, body: undefined }
    })
    show(<PolicyPage />, '/?part=tread')
    await userEvent.click(await screen.findByRole('button', { name: 'Change Pull point, all others' }))
    await userEvent.type(screen.getByLabelText('Number'), '1')
    await userEvent.type(screen.getByLabelText('Why'), 'wet roads')
    await userEvent.click(screen.getByRole('button', { name: 'Approve change' }))
    expect(await screen.findByText(/lies between 2\/32 in/)).toBeVisible()
    refused = false
    await userEvent.click(screen.getByLabelText('Scope'))
    await userEvent.click(screen.getByRole('option', { name: 'Clinic coach' }))
    await userEvent.clear(screen.getByLabelText('Number'))
    await userEvent.type(screen.getByLabelText('Number'), '4')
    await userEvent.click(screen.getByRole('button', { name: 'Approve change' }))
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
    expect(calls.filter((call) => call.method === 'PUT').at(-1)?.body).toEqual({
      value: '4',
      reason: 'wet roads',
      vehicleClass: 'Clinic coach',
      axle: '',
      manufacturer: '',
    })
  })

  it('shows before signing which verdicts it would turn', async () => {
    fakeServer(({ path }) => (path.endsWith('/preview') ? { body: turned } : answers(path)))
    show(<PolicyPage />, '/?part=age')
    await userEvent.click(await screen.findByRole('button', { name: 'Change Overall age limit' }))
    await userEvent.type(screen.getByLabelText('Number'), '2')
    expect(await screen.findByText('This change would affect 1 verdict today:')).toBeVisible()
    expect(screen.getByText('1 piece of due work would move, 1 of them overdue at once:')).toBeVisible()
    expect(screen.getByText(/VN-02 1L, 1R Replace tire: Feb 21, 2027 →/)).toHaveTextContent('overdue')
    expect(screen.getByText(/VN-02 1L: good/)).toHaveTextContent('do not operate, Age 2.8 y')
  })

  it('shows before signing what fifteen years would cost more, and says why where that can’t be', async () => {
    let refused = false
    fakeServer(({ path }) => {
      if (path.endsWith('/preview')) return { body: turned }
      if (!path.endsWith('/outlook')) return answers(path)
      return refused
        ? problem(422, { value: 'A new tire would be due on the day it is installed.' })
        : { body: { tires: '+12 tires', money: '+4,100 USD', oldestSteer: 'the same', limitsExceeded: '−2' } }
    })
    show(<PolicyPage />, '/?part=age')
    await userEvent.click(await screen.findByRole('button', { name: 'Change Overall age limit' }))
    await userEvent.type(screen.getByLabelText('Number'), '6')
    expect(await screen.findByRole('region', { name: 'The 15-year outlook' })).toHaveTextContent(
      'tires bought: +12 tires; money: +4,100 USD; oldest steer tire: the same; broken limits: −2.',
    )
    refused = true
    await userEvent.type(screen.getByLabelText('Number'), '5')
    expect(await screen.findByText(/A new tire would be due on the day it is installed/)).toBeVisible()
  })

  it('withdraws where the number is left blank', async () => {
    fakeServer(({ path }) => answers(path))
    show(<PolicyPage />, '/?part=age')
    await userEvent.click(await screen.findByRole('button', { name: 'Change Overall age limit' }))
    expect(screen.getByRole('button', { name: 'Restore default' })).toBeVisible()
  })

  it('signs a choice between schools with its reason', async () => {
    const calls = fakeServer(({ method, path }) =>
      method === 'PUT' ? { status: 204, body: undefined } : answers(path),
    )
    show(<PolicyPage />, '/?part=choices')
    await userEvent.click(await screen.findByRole('button', { name: 'Choose: Rotating for even wear moves tires' }))
    await userEvent.click(screen.getByLabelText('Choice'))
    await userEvent.click(screen.getByRole('option', { name: 'left and right within their axle' }))
    await userEvent.type(screen.getByLabelText('Why'), 'sawtooth')
    await userEvent.click(screen.getByRole('button', { name: 'Approve change' }))
    await waitFor(() =>
      expect(calls.find((call) => call.method === 'PUT')?.body).toEqual({
        vehicleClass: '',
        option: 'WITHIN_AXLES',
        reason: 'sawtooth',
      }),
    )
  })
})
