import Box from '@mui/material/Box'
import { color } from '../../base/theme'
import { Table } from '../../ui/Table'
import type { AxleSheet } from './views'
import { say } from './words'

/** Every school's answer side by side, with its ground, or why it isn't offered. */
export function MethodsTable({ axle }: { axle: AxleSheet }) {
  return (
    <Table
      label={say('methodsForAxle', { axle: axle.axle })}
      heads={[say('method2'), say('pressure'), '', say('basis'), say('useWhen')]}
    >
      {axle.methods.map((one) => (
        <Box component="tr" key={one.method} sx={{ background: one.isChosen ? color.picked : undefined }}>
          <Box component="td" sx={{ whiteSpace: 'nowrap', fontWeight: one.isChosen ? 750 : 600 }}>
            {one.label}
          </Box>
          <Box component="td" sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
            <strong>{one.pressure ?? '–'}</strong>
            {one.isEstimate && <Box sx={{ fontSize: 12 }}>{say('estimate')}</Box>}
          </Box>
          <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
            {one.isChosen ? <strong>{say('taken')}</strong> : one.isOffered ? say('available') : say('notAvailable')}
          </Box>
          <td>
            <strong>{one.statement}.</strong> {one.explanation}
          </td>
          <Box component="td" sx={{ color: 'text.secondary' }}>
            {one.useWhen}
          </Box>
        </Box>
      ))}
    </Table>
  )
}
