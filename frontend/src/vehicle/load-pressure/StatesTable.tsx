import Box from '@mui/material/Box'
import { color } from '../../base/theme'
import { Table } from '../../ui/Table'
import { day } from '../../units/format'
import type { LoadPressureView } from './views'
import { say } from './words'

/** What each load state needs, axle by axle. */
export function StatesTable({ page }: { page: LoadPressureView }) {
  return (
    <Box component="section" aria-label={say('loadStates')}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.75 }}>
        {say('whatEachLoadStateNeeds')}
      </Box>
      <Table
        label={say('loadStates')}
        heads={[say('load'), say('weighed'), ...page.axles.map((one) => say('axleLoadATireNeed', { axle: one.axle }))]}
      >
        {page.states.map((row) => (
          <Box component="tr" key={row.state} sx={{ background: row.isCurrent ? color.picked : undefined }}>
            <Box component="td" sx={{ whiteSpace: 'nowrap', fontWeight: row.isCurrent ? 750 : 500 }}>
              {row.label}
              {row.isCurrent && ' ▸ current'}
            </Box>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              {row.weighed ? day(row.weighed, page.today) : 'never'}
            </Box>
            {row.axles.map((cell) => (
              <Box component="td" key={cell.axle} sx={{ whiteSpace: 'nowrap' }}>
                {cell.load && !cell.isFromOtherLoadState ? (
                  <>
                    {cell.load} · {cell.minimumForLoad ?? 'overloaded'} · <strong>{cell.target ?? 'none'}</strong>
                  </>
                ) : (
                  <Box component="span" sx={{ color: 'text.secondary' }}>
                    {row.weighed ? '–' : say('weighIt')}
                  </Box>
                )}
              </Box>
            ))}
          </Box>
        ))}
      </Table>
    </Box>
  )
}
