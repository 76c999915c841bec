import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Choice } from '../../ui/Entry'
import { Table } from '../../ui/Table'
import { many } from '../../units/format'
import type { Kind } from './kind'

type Result = Schemas['ImportResult']
type Row = Schemas['RowResult']

const MOST_BYTES = 8 * 1024 * 1024
const SHOWN = 200
const NONE = '-'

const WORDS: Record<Row['outcome'], string> = {
  ADDED: 'new',
  CHANGED: 'changed',
  SAME: 'as on file',
  FAULTY: 'faulty',
}

/** Brings a CSV file in: its columns are matched, every row is tried first, and all or nothing is stored. */
export function ImportFile({ kind, columns }: { kind: Kind; columns: Schemas['ColumnGuide'][] }) {
  const [units] = useUnits()
  const [file, setFile] = useState<File | null>(null)
  const [chosen, setChosen] = useState<Record<number, string>>({})
  const [tooBig, setTooBig] = useState(false)
  const [skip, setSkip] = useState(false)
  const input = useRef<HTMLInputElement>(null)
  const queries = useQueryClient()
  const take = useMutation({
    mutationFn: (how: {
      file: File
      dryRun: boolean
      headers?: Schemas['ImportColumn'][]
      chosen?: Record<number, string>
    }) => {
      const picks = how.chosen ?? {}
      const matched = how.headers?.map((header) => picks[header.index] ?? header.column ?? NONE).join(',')
      return answerOf(
        api.POST('/api/imports/{type}', {
          params: {
            path: { type: kind },
            query: {
              units,
              dryRun: how.dryRun,
              skipFaulty: skip,
              ...(matched !== undefined && { columns: matched }),
            },
          },
          body: how.file as unknown as string,
          bodySerializer: (body: unknown) => body as BodyInit,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      )
    },
    onSuccess: (result) => {
      if (result.stored) void queries.invalidateQueries()
    },
  })
  const problem = take.error instanceof ProblemError ? take.error : undefined
  const result = take.data
  const choose = (next: File) => {
    setChosen({})
    setTooBig(next.size > MOST_BYTES)
    setFile(next)
    take.reset()
    if (next.size <= MOST_BYTES) take.mutate({ file: next, dryRun: true })
  }
  const again = (next: Record<number, string>) => {
    setChosen(next)
    if (file && result) take.mutate({ file, dryRun: true, headers: result.headers, chosen: next })
  }
  return (
    <Box component="section" aria-label="Import file">
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv,text/plain"
        aria-label="CSV file to bring in"
        style={{ display: 'none' }}
        onChange={(event) => {
          const next = event.target.files?.[0]
          if (next) choose(next)
          event.target.value = ''
        }}
      />
      <Button variant="contained" onClick={() => input.current?.click()} loading={take.isPending}>
        {file ? 'Choose another CSV file…' : 'Bring a CSV file in…'}
      </Button>
      {file && (
        <Box component="span" sx={{ ml: 1.5 }}>
          {file.name}
        </Box>
      )}
      {tooBig && (
        <Alert severity="error" sx={{ mt: 1.5 }}>
          This file holds {Math.round((file?.size ?? 0) / 1024 / 1024)} MB; at most 8 MB go in at once. Nothing was
          stored. Split it and bring the parts in one after the other.
        </Alert>
      )}
      {problem && (
        <Alert severity="error" sx={{ mt: 1.5 }}>
          {problem.field('file') ?? problem.message}
        </Alert>
      )}
      {result && file && (
        <>
          <Columns headers={result.headers} columns={columns} chosen={chosen} onChoose={again} />
          {result.missing.length > 0 && (
            <Alert severity="error" sx={{ mt: 1.5 }}>
              These columns are needed and weren’t found: {result.missing.join(', ')}. Match them above, or add them to
              the file.
            </Alert>
          )}
          <Outcome result={result} />
          {!result.stored && result.rows.length > 0 && (
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mt: 1.5 }}>
              {result.faulty > 0 && (
                <FormControlLabel
                  control={<Checkbox checked={skip} onChange={(event) => setSkip(event.target.checked)} />}
                  label={`Skip ${many(result.faulty, 'row', 'rows')} with errors and import the rest`}
                />
              )}
              <Button
                variant="contained"
                disabled={(result.faulty > 0 && !skip) || result.added + result.changed === 0}
                loading={take.isPending}
                onClick={() => take.mutate({ file, dryRun: false, headers: result.headers, chosen })}
              >
                Store {many(result.added + result.changed, 'row', 'rows')}
              </Button>
            </Box>
          )}
        </>
      )}
    </Box>
  )
}

function Columns(props: {
  headers: Schemas['ImportColumn'][]
  columns: Schemas['ColumnGuide'][]
  chosen: Record<number, string>
  onChoose: (chosen: Record<number, string>) => void
}) {
  const options = [[NONE, 'skip'], ...props.columns.map((column) => [column.name, column.name])] as [string, string][]
  return (
    <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, mt: 2 }}>
      <Box component="legend" sx={{ typography: 'h2', p: 0, mb: 1 }}>
        Column mapping
      </Box>
      <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
        {props.headers.map((header) => (
          <Choice
            key={header.index}
            label={header.header || `column ${header.index + 1}`}
            value={props.chosen[header.index] ?? header.column ?? NONE}
            options={options}
            onChange={(column) => props.onChoose({ ...props.chosen, [header.index]: column })}
            width={190}
          />
        ))}
      </Box>
    </Box>
  )
}

function Outcome({ result }: { result: Result }) {
  const [all, setAll] = useState(false)
  if (result.rows.length === 0) return null
  const faulty = result.rows.filter((row) => row.outcome === 'FAULTY')
  const shown = (all || faulty.length === 0 ? result.rows : faulty).slice(0, SHOWN)
  return (
    <Box sx={{ mt: 2 }} aria-live="polite">
      <Alert severity={result.stored ? 'success' : result.faulty > 0 ? 'warning' : 'info'} sx={{ mb: 1.5 }}>
        {result.stored ? (
          <>
            <strong>Stored.</strong> {result.added} new, {result.changed} changed, {result.same} as on file already
            {result.faulty > 0 && `; ${result.faulty} rows with errors were skipped`}.
          </>
        ) : (
          <>
            <strong>Checked. Nothing was saved yet.</strong> {result.added} would be new, {result.changed} changed,{' '}
            {result.same} are on file already, {result.faulty} are faulty.
          </>
        )}
      </Alert>
      {faulty.length > 0 && (
        <FormControlLabel
          control={<Checkbox checked={all} onChange={(event) => setAll(event.target.checked)} />}
          label="Show the good rows too"
        />
      )}
      <Table label="Outcome by row" heads={['Line', 'Row', 'Outcome']}>
        {shown.map((row) => (
          <tr key={row.line}>
            <td>{row.line}</td>
            <td>{row.description}</td>
            <td>
              {row.outcome !== 'FAULTY' && WORDS[row.outcome]}
              {row.errors.map((error) => (
                <Box key={`${error.column} ${error.message}`} sx={{ color: 'error.main' }}>
                  {error.column && <strong>{error.column}: </strong>}
                  {error.message}
                </Box>
              ))}
            </td>
          </tr>
        ))}
      </Table>
      {(all || faulty.length === 0 ? result.rows : faulty).length > SHOWN && <p>The first {SHOWN} rows are shown.</p>}
    </Box>
  )
}
