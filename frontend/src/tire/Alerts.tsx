import Box from '@mui/material/Box'
import type { Schemas } from '../api/client'
import { color } from '../base/theme'
import { day } from '../units/format'
import { say } from './words'

/** What is or was wrong with a tire: what opened each alert, and what cleared it or alone can. */
export function Alerts({ alerts }: { alerts: Schemas['AlertView'][] }) {
  if (alerts.length === 0) return null
  return (
    <Box component="section" aria-labelledby="alerts" sx={{ mt: 3 }}>
      <Box component="h2" id="alerts" sx={{ typography: 'h2', m: 0, mb: 0.75 }}>
        {say('alerts')}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
        {alerts.map((alert) => {
          const open = alert.clearedOn === undefined
          return (
            <Box
              component="li"
              key={`${alert.type} ${alert.statement} ${alert.openedOn} ${alert.clearedOn}`}
              sx={{
                background: color.sheet,
                border: 1,
                borderColor: 'divider',
                borderLeft: 4,
                borderLeftColor: open ? 'error.main' : 'divider',
                borderRadius: 1,
                px: 1.25,
                py: 0.75,
              }}
            >
              <strong>
                {open ? say('open') : say('cleared2')} · {alert.title}
              </strong>
              <div>{alert.statement}</div>
              <Box sx={{ color: 'text.secondary' }}>
                {say('opened', {
                  openedOn: day(alert.openedOn),
                  openedBy: alert.openedBy,
                  open: open
                    ? say('clearedOnly', { clearedOnlyBy: alert.clearedOnlyBy })
                    : say('cleared', {
                        clearedOn: day(alert.clearedOn ?? ''),
                        clearedBy: alert.clearedBy,
                        clearedHow: alert.clearedHow,
                      }),
                })}
              </Box>
            </Box>
          )
        })}
      </Box>
    </Box>
  )
}
