import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
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
      title={pack ? `${pack.unit}, evidence pack` : 'Evidence pack'}
      about={pack && `${pack.description} · ${pack.yard} yard`}
      actions={
        <>
          <Button component={Link} to={`/vehicles/${id}`}>
            Overview
          </Button>
          <Button
            component="a"
            href={`/api/vehicles/${id}/evidence?${asked}`}
            download={`evidence-${pack?.unit ?? id}.json`}
            variant="outlined"
            sx={{ background: color.sheet }}
          >
            JSON
          </Button>
          <Button component="a" href={`/api/vehicles/${id}/evidence.pdf?${asked}`} target="_blank" variant="contained">
            Open the PDF
          </Button>
        </>
      }
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Entry
          label="From"
          type="date"
          value={from || (pack?.from ?? '')}
          onChange={(value) => change('from', value)}
          error={problem?.field('from')}
          width={180}
        />
        <Entry
          label="To"
          type="date"
          value={to || (pack?.to ?? '')}
          onChange={(value) => change('to', value)}
          error={problem?.field('to')}
          width={180}
        />
        {pack && !atField && (
          <Box sx={{ alignSelf: 'center' }}>
            Tires, verdicts, alerts and open work as of {day(pack.asOf)}
            <Box sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>
              SHA-256 <span style={{ fontFamily: mono }}>{pack.checksum}</span>
            </Box>
          </Box>
        )}
      </Box>
      {atField ? (
        <Alert severity="info" sx={{ mt: 2 }}>
          Correct the days to see what is on record.
        </Alert>
      ) : (
        pack && (
          <>
            <Contents sections={pack.sections} />
            {pack.sections.map((section) => (
              <SectionTable key={section.code} section={section} />
            ))}
          </>
        )
      )}
    </Page>
  )
}

/** What is in it, by count: a section without a line is seen to be empty before it is looked for. */
function Contents({ sections }: { sections: Section[] }) {
  return (
    <Box
      component="nav"
      aria-label="Contents"
      sx={{ mt: 2, display: 'grid', gap: 0.5, gridTemplateColumns: 'repeat(auto-fill, minmax(250px, 1fr))' }}
    >
      {sections.map((section) => (
        <Box
          component="a"
          key={section.code}
          href={`#${section.code}`}
          sx={{ display: 'flex', alignItems: 'center', minHeight: 28, color: 'primary.main' }}
        >
          {section.title}: {section.rows.length === 0 ? 'none on record' : many(section.rows.length, 'line', 'lines')}
        </Box>
      ))}
    </Box>
  )
}

function SectionTable({ section }: { section: Section }) {
  return (
    <Box component="section" id={section.code} aria-label={section.title} sx={{ mt: 2.5, scrollMarginTop: 70 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {section.title}
      </Box>
      {section.rows.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>None on record.</Box>
      ) : (
        <Table label={section.title} heads={section.heads}>
          {section.rows.map((row, line) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: lines of a record never change their order
            <tr key={line}>
              {row.map((cell, at) => (
                <td key={section.heads[at]}>{at === 0 ? <strong>{cell}</strong> : cell}</td>
              ))}
            </tr>
          ))}
        </Table>
      )}
    </Box>
  )
}
