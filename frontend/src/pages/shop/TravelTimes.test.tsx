import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { show } from '../../test/show'
import { TravelTimes } from './TravelTimes'

type Form = Schemas['ShopSetupRequest']

const yard = (name: string): Form['yards'][number] => ({ name, open: {}, bays: 1, equipment: {} })
const form = (...names: string[]): Form => ({
  yards: names.map(yard),
  technicians: [],
  closures: [],
  minimums: [],
  travelTimes: [],
})

function Editing({ start, seen }: { start: Form; seen: (form: Form) => void }) {
  const [now, setNow] = useState(start)
  return (
    <TravelTimes
      form={now}
      usual={45}
      wrong={(field) =>
        field === 'travelTimes[0].minutes' && now.travelTimes[0]?.minutes === 0 ? '1 to 600 minutes.' : undefined
      }
      onChange={(next) => {
        setNow(next)
        seen(next)
      }}
    />
  )
}

describe('the roads between yards', () => {
  it('ask for each two yards once, and say what counts where nobody says', () => {
    show(<Editing start={form('Eastbank', 'Millrace', 'Northgate')} seen={() => undefined} />)
    expect(screen.getAllByRole('textbox')).toHaveLength(3)
    expect(screen.getByLabelText('Eastbank – Northgate')).toHaveValue('')
    expect(screen.getByRole('region', { name: 'Between the yards' })).toHaveTextContent('45 minutes count')
  })

  it('have nothing to ask where there is one yard', () => {
    show(<Editing start={form('Eastbank')} seen={() => undefined} />)
    expect(screen.queryByRole('region')).not.toBeInTheDocument()
  })

  it('keep a figure either way round, and forget it when it is taken out', async () => {
    let last: Form | undefined
    const start = {
      ...form('Eastbank', 'Millrace'),
      travelTimes: [{ one: 'Millrace', other: 'Eastbank', minutes: 20 }],
    }
    show(
      <Editing
        start={start}
        seen={(next) => {
          last = next
        }}
      />,
    )
    const field = screen.getByLabelText('Eastbank – Millrace')
    expect(field).toHaveValue('20')
    await userEvent.clear(field)
    expect(last?.travelTimes).toEqual([])
    await userEvent.type(field, '35')
    expect(last?.travelTimes).toEqual([{ one: 'Eastbank', other: 'Millrace', minutes: 35 }])
  })

  it('say at their field what can’t be meant', async () => {
    show(<Editing start={form('Eastbank', 'Millrace')} seen={() => undefined} />)
    await userEvent.type(screen.getByLabelText('Eastbank – Millrace'), 'far')
    expect(screen.getByText('1 to 600 minutes.')).toBeVisible()
    expect(screen.getByLabelText('Eastbank – Millrace')).toBeInvalid()
  })
})
