import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { dotSheetQuery } from '../../api/queries'
import { color, mono } from '../../base/theme'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Table } from '../../ui/Table'
import { day } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { say } from './words'

/** Week, age and limit of every position, on one screen and one printed page. */
export function DotSheet() {
  const { vehicle } = useVehicle()
  const sheet = useQuery(dotSheetQuery(vehicle.id))
  if (sheet.isPending) return <LoadingLines />
  if (sheet.isError) return <LoadProblem error={sheet.error} again={() => sheet.refetch()} />
  return (
    <Box sx={{ px: { xs: 1.5, md: 2.5 }, py: 2 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 1 }}>
        <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
          {say('dotSheet', { unit: sheet.data.unit, today: day(sheet.data.today) })}
        </Box>
        <Button
          className="not-printed"
          variant="outlined"
          sx={{ ml: 'auto', background: color.sheet }}
          onClick={() => window.print()}
        >
          {say('print')}
        </Button>
        <Box
          component="a"
          className="not-printed"
          href={`/api/vehicles/${vehicle.id}/pdf/dot-sheet.pdf`}
          target="_blank"
          rel="noreferrer"
          sx={{ minHeight: { xs: 44, sm: 26 }, display: 'inline-flex', alignItems: 'center' }}
        >
          {say('asPdf')}
        </Box>
      </Box>
      <Table
        label={say('dotDatesByPosition')}
        heads={[
          say('position'),
          say('dotCode'),
          say('weekOf'),
          say('age'),
          say('limit'),
          say('reached'),
          say('left'),
          say('tire'),
        ]}
      >
        {sheet.data.rows.map((row) => (
          <tr key={row.position}>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              <strong>{row.position}</strong> {row.name}
            </Box>
            <Box component="td" sx={{ fontFamily: mono, whiteSpace: 'nowrap' }}>
              {row.code ?? '–'}
              {row.note && (
                <Box
                  sx={{
                    fontFamily: 'Archivo Variable, sans-serif',
                    color: row.code ? 'text.secondary' : 'error.main',
                    whiteSpace: 'normal',
                  }}
                >
                  {row.note}
                </Box>
              )}
            </Box>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              {row.weekStart ? day(row.weekStart) : say('notKnown')}
            </Box>
            <Box component="td" sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
              {row.ageYears === undefined ? say('notKnown') : `${row.ageYears.toFixed(1)} y`}
            </Box>
            <Box component="td" sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
              {row.limitYears === undefined ? '' : `${row.limitYears} y`}
            </Box>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              {row.limitOn && day(row.limitOn)}
            </Box>
            <Box
              component="td"
              sx={{
                whiteSpace: 'nowrap',
                fontWeight: row.near === 'PASSED' || row.near === 'SOON' ? 700 : 400,
                color: row.near === 'PASSED' ? 'error.main' : 'inherit',
              }}
            >
              {row.left}
            </Box>
            <td>{row.tireId && <Link to={`/tires/${row.tireId}`}>{row.number ?? row.model}</Link>}</td>
          </tr>
        ))}
      </Table>
      <Box sx={{ color: 'text.secondary', mt: 1.5, maxWidth: 640 }}>{say('ageStartsOnTheSunday')}</Box>
    </Box>
  )
}
