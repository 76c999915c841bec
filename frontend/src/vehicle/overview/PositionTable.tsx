import Box from '@mui/material/Box'
import { useUnits } from '../../base/settings'
import { color, mono } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { STATES } from '../../drawings/verdict/verdicts'
import { bare, depthUnit, pressureUnit } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { say } from './words'

/** Every position in figures. Picking one shows its reasons. */
export function PositionTable() {
  const { vehicle, picked, pick } = useVehicle()
  const [units] = useUnits()
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          '& th': {
            textAlign: 'left',
            color: 'text.secondary',
            fontWeight: 650,
            borderBottom: `1px solid ${color.ink}`,
            py: 0.75,
            px: 0.75,
            whiteSpace: 'nowrap',
          },
          '& td': { borderBottom: 1, borderColor: 'divider', py: 0.9, px: 0.75, whiteSpace: 'nowrap' },
          '& .figure': { textAlign: 'right' },
        }}
      >
        <thead>
          <tr>
            <th scope="col">{say('pos')}</th>
            <th scope="col">{say('tire')}</th>
            <th scope="col">{say('dotWeek')}</th>
            <th scope="col" className="figure">
              {say('age')}
            </th>
            <th scope="col" className="figure">
              {say('treadOCI', { depthUnit: depthUnit(units) })}
            </th>
            <th scope="col" className="figure">
              {say('coldTarget', { pressureUnit: pressureUnit(units) })}
            </th>
            <th scope="col">{say('state')}</th>
          </tr>
        </thead>
        <tbody>
          {vehicle.positions.map((row) => (
            <Box
              component="tr"
              key={row.position}
              onClick={() => pick(row.position)}
              sx={{
                cursor: 'pointer',
                background: picked === row.position ? color.picked : 'none',
                '&:hover': { background: color.pointed },
              }}
            >
              <td>
                <Box
                  component="button"
                  type="button"
                  aria-pressed={picked === row.position}
                  aria-label={say('reasonsAt', { position: row.position })}
                  sx={{
                    font: 'inherit',
                    fontWeight: 700,
                    border: 0,
                    background: 'none',
                    p: 0,
                    minWidth: { xs: 44, sm: 26 },
                    minHeight: { xs: 44, sm: 26 },
                    textAlign: 'left',
                    cursor: 'pointer',
                    color: 'text.primary',
                  }}
                >
                  {row.position}
                </Box>
              </td>
              <td>
                {row.tire ?? say('noneOnFile')}{' '}
                <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5 }}>
                  {row.size}
                </Box>
              </td>
              <Box component="td" sx={{ fontFamily: mono, fontSize: 13 }}>
                {row.dot ?? 'unknown'}
              </Box>
              <td className="figure">{row.ageYears === undefined ? '–' : `${row.ageYears.toFixed(1)} y`}</td>
              <td className="figure">
                {[row.outer, row.center, row.inner].map((depth) => bare(depth, units)).join(' · ')}
              </td>
              <td className="figure">
                {bare(row.pressure, units)} / {bare(row.target, units)}
              </td>
              <td>
                <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'center' }}>
                  <VerdictIcon verdict={row.assessment.verdict} named={false} />
                  {STATES[row.assessment.verdict].word}
                </Box>
              </td>
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  )
}
