import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { chartsQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { loadUnit, pressureUnit } from '../../units/format'
import { ChartDialog } from './ChartDialog'
import type { Chart } from './chart'
import { say } from './words'

/** The makers' load–inflation charts: what one tire carries at each cold pressure. */
export function Charts() {
  const [units] = useUnits()
  const charts = useQuery(chartsQuery(units))
  const [open, setOpen] = useState<Chart | 'new' | null>(null)
  const may = useMay('COORDINATOR')
  if (charts.isPending) return <LoadingLines lines={10} />
  if (charts.isError) return <LoadProblem error={charts.error} again={() => charts.refetch()} />
  return (
    <Page
      title={say('loadInflationCharts')}
      about={say('fromTheTireManufacturersData')}
      actions={
        may && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            {say('addAChart2')}
          </Button>
        )
      }
    >
      {charts.data.length === 0 && <Box sx={{ maxWidth: 620 }}>{say('noChartOnFileAdd')}</Box>}
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(310px, 1fr))', gap: 2 }}>
        {charts.data.map((chart) => (
          <Box
            component="section"
            key={chart.id}
            aria-label={chart.title}
            sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5 }}
          >
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
              <Box component="h2" sx={{ typography: 'h3', m: 0, flex: 1 }}>
                {chart.title}
              </Box>
              {may && (
                <Button size="small" onClick={() => setOpen(chart)} aria-label={say('change', { chart: chart.title })}>
                  {say('change2')}
                </Button>
              )}
            </Box>
            <Box sx={{ color: 'text.secondary', fontSize: 12.5, mb: 1 }}>
              {say('enteredBy', { source: chart.source, by: chart.by })}
              {chart.tires.length === 0 && say('noTiresOnFileUse')}
            </Box>
            <Box
              component="table"
              aria-label={say('rowsOf', { chart: chart.title })}
              sx={{
                width: '100%',
                borderCollapse: 'collapse',
                '& th': { textAlign: 'right', color: 'text.secondary', fontWeight: 650 },
                '& td': { textAlign: 'right', borderTop: 1, borderColor: 'divider', py: 0.35 },
              }}
            >
              <thead>
                <tr>
                  <th scope="col">{say('cold', { pressureUnit: pressureUnit(units) })}</th>
                  <th scope="col">{say('single', { loadUnit: loadUnit(units) })}</th>
                  <th scope="col">{say('dual', { loadUnit: loadUnit(units) })}</th>
                </tr>
              </thead>
              <tbody>
                {chart.rows.map((row) => (
                  <tr key={row.pressure}>
                    <td>
                      <strong>{figure(row.pressure)}</strong>
                    </td>
                    <td>{figure(row.single)}</td>
                    <td>{row.dual ? figure(row.dual) : '–'}</td>
                  </tr>
                ))}
              </tbody>
            </Box>
          </Box>
        ))}
      </Box>
      {open && <ChartDialog chart={open === 'new' ? undefined : open} onClose={() => setOpen(null)} />}
    </Page>
  )
}

const figure = (words: string) => words.replace(/ (psi|kPa|lb|kg)$/, '')
