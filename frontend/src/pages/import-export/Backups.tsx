import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { answerOf, api, type Schemas } from '../../api/client'
import { backupsQuery } from '../../api/queries'
import { color } from '../../base/theme'
import { LoadProblem } from '../../ui/ErrorNotice'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { moment } from '../../units/format'
import { say, sayAround } from './words'

const SHOWN = 5

/** Backups: when the last ones were made, what went wrong, and one at once. */
export function Backups() {
  const backups = useQuery(backupsQuery)
  const notice = useNotice()
  const make = useSend<Schemas['BackupView']>(
    () => answerOf(api.POST('/api/backups')),
    (made) => notice({ text: say('backupCreatedAndVerified', { made: made.name }) }),
    null,
  )
  if (backups.isError) return <LoadProblem error={backups.error} again={() => backups.refetch()} />
  const known = backups.data
  return (
    <Box component="section" aria-label={say('backups')} sx={{ mt: 4 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        {say('backups')}
      </Box>
      {known?.problem && (
        <Alert severity="error" sx={{ mb: 1 }}>
          {known.problem}
        </Alert>
      )}
      <Box>
        {sayAround(
          'oneIsMadeEveryDay',
          { keep: known?.keep ?? 14, folder: known?.folder ?? '…' },
          { path: (inner) => <code>{inner}</code> },
        )}
      </Box>
      <Button variant="outlined" sx={{ background: color.sheet, mt: 1 }} onClick={make.send} loading={make.busy}>
        {say('backUpNow')}
      </Button>
      {make.error && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {make.error.message}
        </Alert>
      )}
      <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5 }}>
        {known?.backups.slice(0, SHOWN).map((one) => (
          <li key={one.name}>
            {say('kb', { moment: moment(one.madeAt), kilobytes: one.kilobytes.toLocaleString('en-US') })}
            <code>{one.name}</code>
          </li>
        ))}
        {known?.backups.length === 0 && <li>{say('noneYet')}</li>}
      </Box>
    </Box>
  )
}
