import Box from '@mui/material/Box'
import { colour } from '../../base/theme'
import { Table } from '../../ui/Table'
import type { AxleSheet } from './views'

/** Every school's answer side by side, with its ground, or why it isn't offered. */
export function SchoolsTable({ axle }: { axle: AxleSheet }) {
  return (
    <Table label={`Schools for axle ${axle.axle}`} heads={['School', 'Pressure', '', 'Ground', 'Right when']}>
      {axle.schools.map((one) => (
        <Box component="tr" key={one.school} sx={{ background: one.chosen ? colour.picked : undefined }}>
          <Box component="td" sx={{ whiteSpace: 'nowrap', fontWeight: one.chosen ? 750 : 600 }}>
            {one.words}
          </Box>
          <Box component="td" sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
            <strong>{one.pressure ?? '–'}</strong>
            {one.estimate && <Box sx={{ fontSize: 12 }}>estimate</Box>}
          </Box>
          <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
            {one.chosen ? <strong>▸ taken</strong> : one.offered ? 'may be taken' : 'not offered'}
          </Box>
          <td>
            <strong>{one.says}.</strong> {one.because}
          </td>
          <Box component="td" sx={{ color: 'text.secondary' }}>
            {one.rightWhen}
          </Box>
        </Box>
      ))}
    </Table>
  )
}
