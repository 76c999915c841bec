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

const SHOWN = 5

/** Backups: when the last ones were made, what went wrong, and one at once. */
export function Backups() {
  const backups = useQuery(backupsQuery)
  const notice = useNotice()
  const make = useSend<Schemas['BackupView']>(
    () => answerOf(api.POST('/api/backups')),
    (made) => notice({ text: `Backup created and verified: ${made.name}` }),
    null,
  )
  if (backups.isError) return <LoadProblem error={backups.error} again={() => backups.refetch()} />
  const known = backups.data
  return (
    <Box component="section" aria-label="Backups" sx={{ mt: 4 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        Backups
      </Box>
      {known?.problem && (
        <Alert severity="error" sx={{ mb: 1 }}>
          {known.problem}
        </Alert>
      )}
      <Box>
        One is made every day, read back and checked; the newest {known?.keep ?? 14} are saved in{' '}
        <code>{known?.folder ?? '…'}</code>. Copy them to another machine: a backup beside the data burns with it.
      </Box>
      <Button variant="outlined" sx={{ background: color.sheet, mt: 1 }} onClick={make.send} loading={make.busy}>
        Back up now
      </Button>
      {make.error && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {make.error.message}
        </Alert>
      )}
      <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5 }}>
        {known?.backups.slice(0, SHOWN).map((one) => (
          <li key={one.name}>
            {moment(one.madeAt)}, {one.kilobytes.toLocaleString('en-US')} kB, <code>{one.name}</code>
          </li>
        ))}
        {known?.backups.length === 0 && <li>None yet.</li>}
      </Box>
    </Box>
  )
}
