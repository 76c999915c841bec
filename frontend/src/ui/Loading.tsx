import Skeleton from '@mui/material/Skeleton'
import Stack from '@mui/material/Stack'
import { say } from './words'

/** Keeps the room of lines that are still coming. */
export function LoadingLines({ lines = 8 }: { lines?: number }) {
  return (
    <Stack spacing={1.5} sx={{ p: 3 }} role="status" aria-label={say('loading')}>
      {Array.from({ length: lines }, (_, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: placeholders have no identity
        <Skeleton key={at} variant="rectangular" height={36} />
      ))}
    </Stack>
  )
}
