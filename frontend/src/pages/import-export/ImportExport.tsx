import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay, useSimulated } from '../../session/session'
import { Choice } from '../../ui/Entry'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { Backups } from './Backups'
import { ImportFile } from './ImportFile'
import type { Kind } from './kind'
import { say, sayAround } from './words'

const KINDS: readonly (readonly [Kind, string])[] = [
  ['VEHICLES', 'vehicles'],
  ['TIRES', 'tires'],
  ['ODOMETERS', say('odometerReadings')],
  ['READINGS', say('pressureAndTreadReadings')],
]

/** Lists in and out, and everything at once. */
export function ImportExport() {
  const [kind, setKind] = useState<Kind>('VEHICLES')
  const [asEntered, setAsEntered] = useState(true)
  const [units] = useUnits()
  const coordinator = useMay('COORDINATOR')
  const manager = useMay('MANAGER')
  const guides = useQuery({
    queryKey: ['guides'],
    queryFn: () => answerOf(api.GET('/api/imports/guides')),
    staleTime: Number.POSITIVE_INFINITY,
  })
  const columns = guides.data?.find((guide) => guide.type === kind)?.columns ?? []
  return (
    <Page title={say('importAndExport')}>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
        <Choice label={say('what')} value={kind} options={KINDS} onChange={setKind} width={260} />
        <Button
          variant="outlined"
          sx={{ background: color.sheet }}
          component="a"
          href={`/api/exports/${kind}${asEntered ? '' : `?units=${units}`}`}
          download
        >
          {say('downloadAsCsv')}
        </Button>
        <Button component="a" href={`/api/imports/${kind}/template`} download>
          {say('emptyFileToFill')}
        </Button>
        <FormControlLabel
          control={<Checkbox checked={asEntered} onChange={(event) => setAsEntered(event.target.checked)} />}
          label={say('valuesExactlyAsTheyWere')}
        />
        {manager && (
          <Button
            variant="outlined"
            sx={{ background: color.sheet, ml: { md: 'auto' } }}
            component="a"
            href="/api/export"
            download
          >
            {say('downloadEverythingAsJson')}
          </Button>
        )}
      </Box>
      {coordinator ? (
        <ImportFile key={kind} kind={kind} columns={columns} />
      ) : (
        <Alert severity="info">{say('bringingFiles')}</Alert>
      )}
      <Box component="h2" sx={{ typography: 'h3', m: 0, mt: 4, mb: 1 }}>
        {say('whatTheFileHolds')}
      </Box>
      <Box sx={{ mb: 1, maxWidth: 760 }}>
        {say('headersMayHaveOtherNames')}
        <em>{say('coldPsi')}</em>, <em>{say('odometerKm')}</em>
        {say('readingsMayAlsoHave')}
        <em>{say('lfPsi')}</em>, <em>{say('rroTread')}</em>
        {say('everythingIsCheckedFirstNothing')}
      </Box>
      <Table label={say('columnsOfTheFile')} heads={[say('header'), say('contents'), '']}>
        {columns.map((column) => (
          <tr key={column.name}>
            <td>
              <strong>{column.name}</strong>
            </td>
            <td>{column.meaning}</td>
            <td>{column.required ? 'needed' : say('optional')}</td>
          </tr>
        ))}
      </Table>
      {coordinator && <TelematicsDrop />}
      {manager && <Backups />}
    </Page>
  )
}

/** Odometers a telematics system drops as files into the data folder. */
function TelematicsDrop() {
  const [said, setSaid] = useState<Schemas['TelematicsImportView']>()
  const simulated = useSimulated()
  const read = useSend<Schemas['TelematicsImportView']>(() => answerOf(api.POST('/api/telematics/read')), setSaid, null)
  const drop = useSend<unknown>(() => answerOf(api.POST('/api/simulators/telematics')), read.send, null)
  return (
    <Box component="section" aria-label={say('telematics')} sx={{ mt: 4 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        {say('odometersFromTelematics')}
      </Box>
      <Box>{sayAround('csvFilesWithTheColumns', {}, { path: (inner) => <code>{inner}</code> })}</Box>
      <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" sx={{ background: color.sheet }} onClick={read.send} loading={read.busy}>
          {say('importFilesNow')}
        </Button>
        {simulated && (
          <Button onClick={drop.send} loading={drop.busy}>
            {say('createSimulatedFile')}
          </Button>
        )}
      </Box>
      {said && (
        <Alert severity={said.faults.length === 0 ? 'success' : 'warning'} sx={{ mt: 1 }}>
          {say('fileReadReadingsTaken', { files: said.files, readings: said.readings })}
          {said.faults.map((fault) => (
            <div key={fault}>{fault}</div>
          ))}
        </Alert>
      )}
    </Box>
  )
}
