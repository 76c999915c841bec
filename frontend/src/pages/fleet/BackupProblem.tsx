import Alert from '@mui/material/Alert'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { backupsQuery } from '../../api/queries'
import { useMay } from '../../session/session'
import { say } from './words'

/** Tells managers that the last backup failed; nothing for anybody else, and nothing while backups work. */
export function BackupProblem() {
  const manager = useMay('MANAGER')
  const backups = useQuery({ ...backupsQuery, enabled: manager })
  if (!backups.data?.problem) return null
  return (
    <Alert severity="error" sx={{ borderRadius: 0 }}>
      {backups.data.problem} <Link to="/import-export">{say('backups')}</Link>
    </Alert>
  )
}
