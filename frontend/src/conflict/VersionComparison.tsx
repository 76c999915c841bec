import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ProblemError } from '../api/client'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { Table } from '../ui/Table'
import { type Difference, differences, merged, said } from './differences'
import { say } from './words'

/** A form as it was at a version. */
export interface Seen<F> {
  version: number
  form: F
}

/** Where somebody else saved meanwhile: their version and mine side by side, and which entry of which to go on with. */
export function VersionComparison<F>(props: {
  error: unknown
  seen: Seen<F> | undefined
  mine: F
  /** The form as it stands on file now; undefined where it is gone. */
  load: () => Promise<Seen<F> | undefined>
  onGoOn: (form: F, now: Seen<F>) => void
  /** What the form calls an entry, where its key says something else. */
  names?: Readonly<Record<string, string>>
}) {
  const clashed = props.error instanceof ProblemError && props.error.problem.status === 412
  const now = useQuery({
    queryKey: ['both versions', props.error, props.seen?.version],
    queryFn: async () => (await props.load()) ?? null,
    enabled: clashed && props.seen !== undefined,
    gcTime: 0,
  })
  if (!clashed || props.seen === undefined) return null
  if (now.isError) return <LoadProblem error={now.error} again={() => now.refetch()} />
  if (now.isPending) return <LoadingLines lines={3} />
  if (now.data === null) return <Alert severity="warning">{say('anotherUserRemovedItMeanwhile')}</Alert>
  return (
    <Choose
      key={now.data.version}
      found={differences(props.seen.form, now.data.form, props.mine, props.names)}
      onGoOn={(theirs) => props.onGoOn(merged(props.mine, theirs), now.data as Seen<F>)}
    />
  )
}

type Side = 'theirs' | 'mine'

function Choose({ found, onGoOn }: { found: Difference[]; onGoOn: (theirs: Difference[]) => void }) {
  // What only one of the two changed is settled; what both changed waits for a word.
  const [sides, setSides] = useState<(Side | undefined)[]>(() =>
    found.map((one) => (one.changedBy === 'both' ? undefined : one.changedBy)),
  )
  const open = sides.filter((side) => side === undefined).length
  return (
    <Box component="section" aria-label={say('bothVersions')} sx={{ width: '100%', mb: 2 }}>
      <Box component="p" sx={{ m: 0, mb: 1 }}>
        {found.length === 0 ? say('whatTheySavedAndWhat') : say('theirsIsOnFileSay')}
      </Box>
      {found.length > 0 && (
        <Table
          label={say('whereTheTwoVersionsDiffer')}
          heads={[say('entry'), say('itWas'), say('onFileNow2'), say('yours2')]}
        >
          {found.map((one, at) => (
            <tr key={one.path.join('.')}>
              <td>
                <strong>{one.words}</strong>
                {one.changedBy === 'both' && <Box sx={{ fontSize: 12.5 }}>{say('bothChanged')}</Box>}
              </td>
              <td>{said(one.first)}</td>
              {(['theirs', 'mine'] as const).map((side) => (
                <td key={side}>
                  <label>
                    <input
                      type="radio"
                      name={`keep ${one.path.join('.')}`}
                      checked={sides[at] === side}
                      onChange={() => setSides(sides.map((was, index) => (index === at ? side : was)))}
                      aria-label={say('yours', { label: one.words, isMine: side === 'mine', value: said(one[side]) })}
                    />{' '}
                    {said(one[side])}
                  </label>
                </td>
              ))}
            </tr>
          ))}
        </Table>
      )}
      <Button
        variant="outlined"
        sx={{ mt: 1 }}
        disabled={open > 0}
        onClick={() => onGoOn(found.filter((_, at) => sides[at] === 'theirs'))}
      >
        {open > 0 ? say('toChoose', { open }) : say('goOnWithThese')}
      </Button>
    </Box>
  )
}
