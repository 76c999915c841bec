import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import type { Look } from '../../drawings/charts/ChartFrame'
import { Lines } from '../../drawings/charts/Lines'
import { StackedColumns } from '../../drawings/charts/StackedColumns'
import { roundMoney } from '../../drawings/charts/write'
import { Figures } from '../../ui/Figures'
import { say } from './words'

const KINDS: Look[] = [
  { name: say('tires2'), fill: color.petrol },
  { name: say('sensors'), fill: color.plan, hatch: 'dots' },
  { name: say('labor'), fill: color.watch, hatch: 'rising' },
]

/** The years in one picture each: what the chosen strategy spends, and how the strategies drift apart. */
export function OutlookSpending({ view }: { view: Schemas['OutlookView'] }) {
  const years = view.years.map((one) => String(one.year))
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }, gap: 3 }}
    >
      <Figures
        title={say('spendingByYear', {
          strategies: view.strategies.find((one) => one.strategy === view.strategy)?.title,
        })}
        heads={[say('year'), 'Tires $', 'Sensors $', 'Labor $', say('total')]}
        rows={view.years.map((one) => [one.year, one.tireMoney, one.sensorMoney, one.laborMoney, one.money])}
      >
        <StackedColumns
          label={say('spendingByYear2', { years: view.years.map((one) => `${one.year} ${one.money}`).join(', ') })}
          kinds={KINDS}
          columns={view.years.map((one) => ({
            name: String(one.year),
            figures: [one.tireSum, one.sensorDollars, one.laborSum],
          }))}
          write={roundMoney}
        />
      </Figures>
      <Figures
        title={say('spentUntilThenByStrategy')}
        heads={[say('year'), ...view.strategies.map((one) => one.title)]}
        rows={years.map((year, at) => [year, ...view.strategies.map((one) => roundMoney(one.spentByYear[at] ?? 0))])}
      >
        <Lines
          label={say('spentUntil', {
            years: years.at(-1),
            strategies: view.strategies.map((one) => `${one.title} ${one.money}`).join(', '),
          })}
          names={years}
          lines={view.strategies.map((one) => ({
            name: one.title,
            figures: one.spentByYear,
            chosen: one.strategy === view.strategy,
          }))}
          write={roundMoney}
        />
      </Figures>
    </Box>
  )
}
