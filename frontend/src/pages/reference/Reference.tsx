import Box from '@mui/material/Box'
import { useState } from 'react'
import { color } from '../../base/theme'
import { BESIDE, FIELDS, type SidewallField } from '../../drawings/sidewall/fields'
import { SidewallMap } from '../../drawings/sidewall/SidewallMap'
import { DotEntry } from '../../entry/DotEntry'
import { SidewallLine } from '../../entry/ModelDialog'
import { Page } from '../../ui/Page'
import { say } from './words'

/** Teaching page: how a sidewall is read, with a place to try it. Nothing here is stored. */
export function Reference() {
  const [picked, setPicked] = useState<SidewallField>('dot')
  const [line, setLine] = useState(say('lt24575R17'))
  const [code, setCode] = useState('')
  const told = [...FIELDS, ...BESIDE].find((one) => one.field === picked)
  return (
    <Page title={say('readingASidewall')} about={say('pointAtAFieldTry')}>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '470px minmax(0,1fr)' }, gap: 4 }}>
        <Box sx={{ textAlign: 'center' }}>
          <SidewallMap picked={picked} onPick={setPicked} />
        </Box>
        <Box sx={{ maxWidth: 620 }}>
          {told && (
            <Box
              component="section"
              aria-live="polite"
              aria-label={say('aboutTheField')}
              sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 2, mb: 3 }}
            >
              <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
                {told.title}
              </Box>
              <Box sx={{ mb: 0.5, color: 'text.secondary' }}>{say('forExample', { molded: told.molded })}</Box>
              {told.explains}
            </Box>
          )}
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
            {say('tryIt')}
          </Box>
          <Box sx={{ display: 'grid', gap: 2.5 }}>
            <SidewallLine value={line} onChange={setLine} />
            <DotEntry label={say('dotCode')} value={code} onChange={setCode} width="100%" />
          </Box>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 3, mb: 1 }}>
            {say('alsoOnSomeSidewalls')}
          </Box>
          {BESIDE.map((one) => (
            <p key={one.field} style={{ margin: '0 0 8px' }}>
              <strong>{one.title}.</strong> {one.explains}
            </p>
          ))}
          <p>{say('manufacturerDataTheVehicleManual')}</p>
        </Box>
      </Box>
    </Page>
  )
}
