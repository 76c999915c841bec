import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useQuery } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { Link } from 'react-router'
import { gaugesQuery, reportsQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { day, many } from '../../units/format'
import { say } from './words'

interface Item {
  key: number
  to: string
  name: string
  says: string
}

/** Drivers' reports nobody has looked at yet; nothing where there are none. */
export function ReportsToReview() {
  const reports = useQuery(reportsQuery)
  const items = (reports.data ?? []).map((one) => ({
    key: one.report.id,
    to: `/vehicles/${one.vehicleId}/wear`,
    name: one.unit,
    says: `${one.report.label}${one.report.corner ? say('at', { corner: one.report.corner }) : ''}`,
  }))
  return <Counted items={items} one={say('driverReport')} more={say('driverReports')} />
}

/** Gauges that have to be at the master gauge within a month; nothing where there are none. */
export function GaugesDue({ today }: { today: string }) {
  const [units] = useUnits()
  const gauges = useQuery(gaugesQuery(units))
  const items = (gauges.data ?? [])
    .filter((gauge) => gauge.dueSoon)
    .map((gauge) => ({
      key: gauge.id,
      to: '/reference/gauges',
      name: gauge.name,
      says: gauge.calibrated
        ? say('wasDue', { doubt: Boolean(gauge.doubt), due: day(gauge.due, today) })
        : say('neverChecked'),
    }))
  return <Counted items={items} one={say('gaugeToCheck')} more={say('gaugesToCheck')} />
}

/** A count in the head of the page that opens what it counts. */
function Counted({ items, one, more }: { items: Item[]; one: string; more: string }) {
  const [at, setAt] = useState<HTMLElement | null>(null)
  const menu = useId()
  if (items.length === 0) return null
  return (
    <>
      <Button
        size="small"
        aria-haspopup="menu"
        aria-expanded={at !== null}
        aria-controls={at ? menu : undefined}
        onClick={(event) => setAt(event.currentTarget)}
        sx={{ minHeight: { xs: 44, sm: 32 }, whiteSpace: 'nowrap', px: 1 }}
      >
        {many(items.length, one, more)} ▾
      </Button>
      <Menu id={menu} anchorEl={at} open={at !== null} onClose={() => setAt(null)}>
        {items.map((item) => (
          <MenuItem key={item.key} component={Link} to={item.to} onClick={() => setAt(null)}>
            <strong>{item.name}</strong>
            <Box component="span" sx={{ ml: 1 }}>
              {item.says}
            </Box>
          </MenuItem>
        ))}
      </Menu>
    </>
  )
}
