import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControl from '@mui/material/FormControl'
import FormControlLabel from '@mui/material/FormControlLabel'
import FormLabel from '@mui/material/FormLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Choice } from '../../ui/Entry'
import { Table } from '../../ui/Table'
import { many } from '../../units/format'
import type { Kind } from './kind'
import { say } from './words'

type Result = Schemas['ImportResult']
type Row = Schemas['RowResult']

const MOST_BYTES = 8 * 1024 * 1024
const SHOWN = 200
const NONE = '-'

const WORDS: Record<Row['outcome'], string> = {
  ADDED: 'new',
  CHANGED: 'changed',
  SAME: say('asOnFile'),
  FAULTY: 'faulty',
}

type Answers = Partial<Record<Schemas['OpenQuestion']['question'], string>>

/** How a header is matched, as it is sent: a column, or of a sheet with a column to a tire that and the position. */
const matchOf = (header: Schemas['ImportColumn']) =>
  header.column ? (header.position ? `${header.column}@${header.position}` : header.column) : NONE

/** Brings a list in, CSV or a spreadsheet: its columns are matched, every row is tried first, and all or nothing is stored. */
export function ImportFile({ kind, columns }: { kind: Kind; columns: Schemas['ColumnGuide'][] }) {
  const [units] = useUnits()
  const [file, setFile] = useState<File | null>(null)
  const [chosen, setChosen] = useState<Record<number, string>>({})
  const [answers, setAnswers] = useState<Answers>({})
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
      answers?: Answers
    }) => {
      const picks = how.chosen ?? {}
      const matched = how.headers?.map((header) => picks[header.index] ?? matchOf(header)).join(',')
      const said = how.answers ?? answers
      return answerOf(
        api.POST('/api/imports/{type}', {
          params: {
            path: { type: kind },
            query: {
              units,
              dryRun: how.dryRun,
              skipFaulty: skip,
              ...(matched !== undefined && { columns: matched }),
              ...(said.DAY_ORDER && { dayOrder: said.DAY_ORDER }),
              ...(said.LOST_ZERO && { lostZero: said.LOST_ZERO }),
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
    setAnswers({})
    setTooBig(next.size > MOST_BYTES)
    setFile(next)
    take.reset()
    if (next.size <= MOST_BYTES) take.mutate({ file: next, dryRun: true, answers: {} })
  }
  const again = (next: Record<number, string>) => {
    setChosen(next)
    if (file && result) take.mutate({ file, dryRun: true, headers: result.headers, chosen: next })
  }
  const answer = (question: Schemas['OpenQuestion']['question'], code: string) => {
    const next = { ...answers, [question]: code }
    setAnswers(next)
    if (file && result) take.mutate({ file, dryRun: true, headers: result.headers, chosen, answers: next })
  }
  return (
    <Box component="section" aria-label={say('importFile')}>
      <input
        ref={input}
        type="file"
        accept=".csv,.tsv,.txt,.xlsx,.ods,text/csv,text/plain"
        aria-label={say('fileToBringInCsv')}
        style={{ display: 'none' }}
        onChange={(event) => {
          const next = event.target.files?.[0]
          if (next) choose(next)
          event.target.value = ''
        }}
      />
      <Button variant="contained" onClick={() => input.current?.click()} loading={take.isPending}>
        {file ? say('chooseAnotherFile') : say('bringAFile')}
      </Button>
      {file && (
        <Box component="span" sx={{ ml: 1.5 }}>
          {file.name}
          {result?.sheet && say('sheet', { sheet: result.sheet })}
        </Box>
      )}
      {tooBig && (
        <Alert severity="error" sx={{ mt: 1.5 }}>
          {say('thisFileHoldsMb', { file: Math.round((file?.size ?? 0) / 1024 / 1024) })}
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
              {say('theseColumnsAreNeeded', { missing: result.missing.join(', ') })}
            </Alert>
          )}
          {result.questions.map((question) => (
            <FormControl key={question.question} component="fieldset" sx={{ mt: 2, display: 'block' }}>
              <FormLabel component="legend" sx={{ fontWeight: 650, color: 'text.primary' }}>
                {question.statement}
              </FormLabel>
              <RadioGroup
                value={answers[question.question] ?? ''}
                onChange={(_, code) => answer(question.question, code)}
              >
                {question.options.map((option) => (
                  <FormControlLabel
                    key={option.code}
                    value={option.code}
                    control={<Radio />}
                    label={option.label}
                    sx={{ minHeight: 44 }}
                  />
                ))}
              </RadioGroup>
            </FormControl>
          ))}
          {result.leftOut.length > 0 && (
            <Box sx={{ mt: 1.5, color: 'text.secondary' }}>
              {say('notReadAsRows', {
                leftOut: result.leftOut
                  .slice(0, 6)
                  .map((line) => say('line', { line: line.line, text: line.text }))
                  .join('; '),
              })}
              {result.leftOut.length > 6 && say('andMore', { count: result.leftOut.length - 6 })}.
            </Box>
          )}
          <Outcome result={result} />
          {!result.stored && result.rows.length > 0 && (
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mt: 1.5 }}>
              {result.faulty > 0 && (
                <FormControlLabel
                  control={<Checkbox checked={skip} onChange={(event) => setSkip(event.target.checked)} />}
                  label={say('skipWithErrorsAndImport', { many: many(result.faulty, say('row'), say('rows')) })}
                />
              )}
              <Button
                variant="contained"
                disabled={(result.faulty > 0 && !skip) || result.added + result.changed === 0}
                loading={take.isPending}
                onClick={() => take.mutate({ file, dryRun: false, headers: result.headers, chosen })}
              >
                {say('store', { many: many(result.added + result.changed, 'row', 'rows') })}
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
        {say('columnMapping')}
      </Box>
      <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
        {props.headers.map((header) => (
          <Choice
            key={header.index}
            label={header.header || say('column', { index: header.index + 1 })}
            value={props.chosen[header.index] ?? matchOf(header)}
            options={
              header.position && header.column
                ? [...options, [matchOf(header), say('at', { column: header.column, position: header.position })]]
                : options
            }
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
            <strong>{say('stored')}</strong>
            {say('newChangedAsOnFile', { added: result.added, changed: result.changed, same: result.same })}
            {result.faulty > 0 && say('rowsWithErrorsWereSkipped', { faulty: result.faulty })}.
          </>
        ) : (
          <>
            <strong>{say('checkedNothingWasSavedYet')}</strong>
            {say('wouldBeNewChanged', {
              added: result.added,
              changed: result.changed,
              same: result.same,
              faulty: result.faulty,
            })}
          </>
        )}
      </Alert>
      {faulty.length > 0 && (
        <FormControlLabel
          control={<Checkbox checked={all} onChange={(event) => setAll(event.target.checked)} />}
          label={say('showTheGoodRowsToo')}
        />
      )}
      <Table label={say('outcomeByRow')} heads={[say('line2'), say('row2'), say('outcome')]}>
        {shown.map((row, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows of one answer keep their places, and a line may be several of them
          <tr key={at}>
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
      {(all || faulty.length === 0 ? result.rows : faulty).length > SHOWN && (
        <p>{say('firstRowsAreShown', { shown: SHOWN })}</p>
      )}
    </Box>
  )
}
