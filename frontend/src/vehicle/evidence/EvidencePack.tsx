import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import useMediaQuery from '@mui/material/useMediaQuery'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link, useParams, useSearchParams } from 'react-router'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color, mono } from '../../base/theme'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { day, many } from '../../units/format'
import { say } from './words'

type Section = Schemas['EvidenceSection']

const DAY = /^\d{4}-\d\d-\d\d$/

/** What is on record of a vehicle over a span of time, for an auditor, a roadside inspection, an insurer. */
export function EvidencePack() {
  const id = Number(useParams().id)
  const [units] = useUnits()
  const [search, setSearch] = useSearchParams()
  const from = search.get('from') ?? ''
  const to = search.get('to') ?? ''
  const span = { ...(DAY.test(from) && { from }), ...(DAY.test(to) && { to }) }
  const query = useQuery({
    queryKey: ['vehicles', id, 'evidence', span, units],
    queryFn: () =>
      answerOf(api.GET('/api/vehicles/{id}/evidence', { params: { path: { id }, query: { ...span, units } } })),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const problem = query.error instanceof ProblemError ? query.error : undefined
  const atField = problem !== undefined && problem.problem.fields.length > 0
  const change = (which: 'from' | 'to', value: string) => {
    const next = new URLSearchParams(search)
    if (value === '') next.delete(which)
    else next.set(which, value)
    setSearch(next, { replace: true })
  }
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError && !atField) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const pack = query.data
  const asked = new URLSearchParams({ ...span, units }).toString()
  return (
    <Page
      title={pack ? say('evidencePack', { unit: pack.unit }) : say('evidencePack2')}
      about={pack && `${pack.description} · ${pack.yard} yard`}
      actions={
        <>
          <Button component={Link} to={`/vehicles/${id}`}>
            {say('overview')}
          </Button>
          <Button
            component="a"
            href={`/api/vehicles/${id}/evidence?${asked}`}
            download={`evidence-${pack?.unit ?? id}.json`}
            variant="outlined"
            sx={{ background: color.sheet }}
          >
            {say('json')}
          </Button>
          <Button component="a" href={`/api/vehicles/${id}/evidence.pdf?${asked}`} target="_blank" variant="contained">
            {say('openThePdf')}
          </Button>
        </>
      }
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Entry
          label={say('from')}
          type="date"
          value={from || (pack?.from ?? '')}
          onChange={(value) => change('from', value)}
          error={problem?.field('from')}
          width={180}
        />
        <Entry
          label={say('to')}
          type="date"
          value={to || (pack?.to ?? '')}
          onChange={(value) => change('to', value)}
          error={problem?.field('to')}
          width={180}
        />
        {pack && !atField && (
          <Box sx={{ alignSelf: 'center' }}>
            {say('tiresVerdictsAlertsAndOpen', { asOf: day(pack.asOf) })}
            <Box sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>
              {say('sha256')}
              <span style={{ fontFamily: mono }}>{pack.checksum}</span>
            </Box>
          </Box>
        )}
      </Box>
      {atField ? (
        <Alert severity="info" sx={{ mt: 2 }}>
          {say('correctTheDaysToSee')}
        </Alert>
      ) : (
        pack && (
          <Box sx={{ mt: 2, borderTop: 1, borderColor: 'divider' }}>
            {pack.sections.map((section) => (
              <SectionTable key={section.code} section={section} />
            ))}
          </Box>
        )
      )}
    </Page>
  )
}

/** How the vehicle stands is read at once; what lies behind it folds, with how much there is. */
const OPEN_AT_ONCE = new Set<Section['code']>(['TIRES', 'ALERTS', 'OPEN_WORK'])
const OPEN_ON_A_PHONE = new Set<Section['code']>(['TIRES'])

function SectionTable({ section }: { section: Section }) {
  const phone = useMediaQuery('(max-width: 600px)')
  const open = phone ? OPEN_ON_A_PHONE : OPEN_AT_ONCE
  const count = section.rows.length === 0 ? say('noneOnRecord') : many(section.rows.length, 'line', 'lines')
  return (
    <Box
      component="details"
      open={open.has(section.code) && section.rows.length > 0}
      sx={{ borderBottom: 1, borderColor: 'divider' }}
    >
      <Box component="summary" sx={{ minHeight: 36, py: 0.75, cursor: 'pointer', fontSize: 15 }}>
        <strong>{section.title}</strong>{' '}
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {count}
        </Box>
      </Box>
      {section.rows.length > 0 && (
        <Box sx={{ pb: 1.5 }}>
          <Table label={section.title} heads={section.heads} stacked>
            {section.rows.map((row, line) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: lines of a record never change their order
              <tr key={line}>
                {row.map((cell, at) => (
                  <td key={section.heads[at]}>{at === 0 ? <strong>{cell}</strong> : cell}</td>
                ))}
              </tr>
            ))}
          </Table>
        </Box>
      )}
    </Box>
  )
}
