import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { Dimmed } from '../../ui/Dimmed'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { LongList } from '../../ui/LongList'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { localDay, many } from '../../units/format'
import { say } from './words'

type Code = Schemas['QuestionView']['question']

/** The standing questions: one step to each, several combined, kept under a name, and out as a file. */
export function Questions() {
  const [units] = useUnits()
  const [search, setSearch] = useSearchParams()
  const asked = (search.get('ask') ?? 'DO_NOT_OPERATE').split(',').filter(Boolean) as Code[]
  const together = search.get('any') === null
  const years = search.get('years') ?? '5'
  const by = search.get('by') ?? localDay(new Date())
  const [keeping, setKeeping] = useState(false)
  const may = useMay('COORDINATOR')
  const all = useQuery({
    queryKey: ['questions', units],
    queryFn: () => answerOf(api.GET('/api/questions', { params: { query: { units } } })),
  })
  const query = { ask: asked, together, units, years: Number(years) || 5, by }
  const answer = useQuery({
    queryKey: ['questions', 'answer', query],
    queryFn: () => answerOf(api.GET('/api/questions/answers', { params: { query } })),
    placeholderData: keepPreviousData,
    enabled: asked.length > 0,
  })
  const set = (changes: Record<string, string | null>) =>
    setSearch(
      (before) => {
        for (const [name, value] of Object.entries(changes)) {
          if (value === null) before.delete(name)
          else before.set(name, value)
        }
        return before
      },
      { replace: true },
    )
  const queries = useQueryClient()
  const notice = useNotice()
  const forget = useMutation({
    mutationFn: (id: number) => answerOf(api.DELETE('/api/saved-questions/{id}', { params: { path: { id } } })),
    onSuccess: () => notice({ text: say('savedQuestionIsRemoved') }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['questions'] }),
  })
  if (all.isPending) return <LoadingLines lines={12} />
  if (all.isError) return <LoadProblem error={all.error} again={() => all.refetch()} />
  const csv = new URLSearchParams([
    ...asked.map((one) => ['ask', one] as [string, string]),
    ['together', String(together)],
    ['years', years],
    ['by', by],
    ['units', units],
  ])
  return (
    <Page
      title={say('questions')}
      about={
        answer.data &&
        !answer.isPlaceholderData &&
        `${answer.data.title}: ${many(answer.data.vehicles, say('vehicle'), say('vehicles'))}`
      }
      actions={
        <>
          <Button component="a" href={`/api/questions/answers.csv?${csv}`}>
            {say('csv')}
          </Button>
          {may && (
            <Button variant="outlined" sx={{ background: color.sheet }} onClick={() => setKeeping(true)}>
              {say('keepItUnderAName')}
            </Button>
          )}
        </>
      }
    >
      <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '320px minmax(0,1fr)' } }}>
        <Box component="nav" aria-label={say('questions')} sx={{ alignSelf: 'start' }}>
          {all.data.saved.map((kept) => (
            <Box key={kept.id} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', mb: 0.5 }}>
              <strong>{kept.vehicles}</strong>
              <Link
                to={`/questions?ask=${kept.ask.ask.join(',')}${kept.ask.together ? '' : '&any'}${kept.ask.years ? `&years=${kept.ask.years}` : ''}${kept.ask.by ? `&by=${kept.ask.by}` : ''}`}
              >
                {kept.name}
              </Link>
              {may && (
                <Button
                  size="small"
                  aria-label={say('delete', { kept: kept.name })}
                  onClick={() => forget.mutate(kept.id)}
                >
                  {say('forget')}
                </Button>
              )}
            </Box>
          ))}
          {all.data.questions.map((one) => {
            const chosen = asked.includes(one.question)
            return (
              <Box
                key={one.question}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '34px 40px minmax(0,1fr)',
                  alignItems: 'start',
                  borderBottom: 1,
                  borderColor: 'divider',
                  py: 0.5,
                  background: chosen ? color.picked : undefined,
                }}
              >
                <Checkbox
                  size="small"
                  checked={chosen}
                  sx={{ p: 0.5 }}
                  slotProps={{ input: { 'aria-label': say('combine', { one: one.title }) } }}
                  onChange={() => {
                    const next = chosen ? asked.filter((code) => code !== one.question) : [...asked, one.question]
                    set({ ask: next.length === 0 ? 'DO_NOT_OPERATE' : next.join(',') })
                  }}
                />
                <Box component="strong" sx={{ fontSize: 17, textAlign: 'right', pr: 1 }}>
                  {one.vehicles}
                </Box>
                <div>
                  <Link to={`/questions?ask=${one.question}`}>{one.title}</Link>
                  <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{one.about}</Box>
                </div>
              </Box>
            )
          })}
        </Box>
        <Box sx={{ minWidth: 0 }}>
          {(asked.length > 1 || asked.includes('PASSES_AGE')) && (
            <Box
              className="not-printed"
              sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 1.5, alignItems: 'center' }}
            >
              {asked.length > 1 && (
                <FormControlLabel
                  control={<Checkbox checked={together} onChange={() => set({ any: together ? '' : null })} />}
                  label={say('onlyVehiclesThatComeUp')}
                />
              )}
              {asked.includes('PASSES_AGE') && (
                <>
                  <Choice
                    label={say('age')}
                    value={years}
                    options={['5', '6', '7', '8', '9', '10'].map((one) => [one, `${one} years`] as const)}
                    onChange={(next) => set({ years: next })}
                    width={130}
                  />
                  <Entry
                    label={say('before')}
                    value={by}
                    onChange={(next) => set({ by: next })}
                    type="date"
                    width={170}
                  />
                </>
              )}
            </Box>
          )}
          <Dimmed when={answer.isPlaceholderData}>
            {answer.data?.lines.length === 0 && <p>{say('noVehicleComesUp')}</p>}
            {answer.data && answer.data.lines.length > 0 && (
              <Table
                label={say('answer')}
                count={answer.data.lines.length}
                heads={[
                  say('vehicle2'),
                  say('tire'),
                  say('whatThereIsToSay'),
                  ...(asked.length > 1 ? [say('question')] : []),
                ]}
              >
                <LongList
                  of={answer.data.lines}
                  keyOf={(line) => `${line.unit} ${line.position} ${line.statement} ${line.title}`}
                  as="tr"
                  height={31}
                  row={(line, place) => (
                    <tr {...place}>
                      <td>
                        <Link to={`/vehicles/${line.vehicleId}`}>{line.unit}</Link>{' '}
                        <Box component="span" sx={{ color: 'text.secondary' }}>
                          {line.yard}
                        </Box>
                      </td>
                      <td>{line.position}</td>
                      <td>{line.statement}</td>
                      {asked.length > 1 && <td>{line.title}</td>}
                    </tr>
                  )}
                />
              </Table>
            )}
          </Dimmed>
        </Box>
      </Box>
      {keeping && (
        <KeepDialog
          ask={{ ask: asked, together, ...(asked.includes('PASSES_AGE') && { years: Number(years), by }) }}
          onClose={() => setKeeping(false)}
        />
      )}
    </Page>
  )
}

function KeepDialog({ ask, onClose }: { ask: Schemas['QuestionRequest']; onClose: () => void }) {
  const [units] = useUnits()
  const [name, setName] = useState('')
  const form = useSend<Schemas['QuestionListView']>(
    () => answerOf(api.POST('/api/saved-questions', { params: { query: { units } }, body: { name, ask } })),
    onClose,
    say('isSaved', { name }),
  )
  return (
    <FormDialog
      title={say('keepThisQuestion')}
      action={say('keepIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry label={say('name')} value={name} onChange={setName} error={form.wrong('name')} autoFocus width={360} />
    </FormDialog>
  )
}
