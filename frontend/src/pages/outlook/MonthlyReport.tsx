import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { CauseBars } from '../../drawings/charts/CauseBars'
import type { Look } from '../../drawings/charts/ChartFrame'
import { StackedColumns } from '../../drawings/charts/StackedColumns'
import { roundMoney } from '../../drawings/charts/write'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { Figures } from '../../ui/Figures'
import { LoadingLines } from '../../ui/Loading'
import { LongList } from '../../ui/LongList'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { day, localDay } from '../../units/format'
import { say } from './words'

/** The month on one page, for whoever answers for the fleet. */
export function MonthlyReport() {
  const [units] = useUnits()
  const [month, setMonth] = useState(localDay(new Date()).slice(0, 7))
  const query = useQuery({
    queryKey: ['month', month, units],
    queryFn: () => answerOf(api.GET('/api/monthly-report', { params: { query: { month, units } } })),
    retry: false,
  })
  if (query.isPending) return <LoadingLines lines={12} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const view = query.data
  return (
    <Page
      title={say('monthlyReport')}
      about={say('to2', { from: day(view.from), to: day(view.to) })}
      actions={
        <>
          <Entry
            label={say('month')}
            value={month}
            onChange={(next) => next && setMonth(next)}
            type="month"
            width={170}
          />
          <Button component="a" href={`/api/monthly-report.csv?month=${month}&units=${units}`}>
            {say('csv')}
          </Button>
          <Button variant="outlined" sx={{ background: color.sheet }} onClick={() => globalThis.print()}>
            {say('print')}
          </Button>
        </>
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>
        <Box component="dl" sx={{ display: 'flex', gap: 4, flexWrap: 'wrap', m: 0 }}>
          <Figure
            figure={say('of', { count: view.outOfService.length, vehicles: view.vehicles })}
            words={say('vehiclesOutOfService')}
          />
          <Figure figure={`${view.onTimePercent}%`} words={say('ofTiresCheckedOnTime')} />
          <Figure figure={view.spent} words={say('spentOnTiresThisMonth')} />
          <Figure figure={view.committed} words={say('committedForOpenJobs')} />
          <Figure
            figure={view.centsPerMile === undefined ? say('notKnown') : `${view.centsPerMile} ¢`}
            words={say('tireCostPerMile12')}
          />
          <Figure figure={String(view.retired)} words={say('tiresRetired')} />
          <Figure figure={String(view.readings)} words={say('readingsTaken')} />
          <Figure figure={String(view.jobsDone)} words={say('jobsDone')} />
        </Box>
        <Past view={view} />
        <Part title={say('outOfService')}>
          {view.outOfService.length === 0 && <p>{say('none')}</p>}
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            <LongList
              of={view.outOfService}
              keyOf={(line) => line.unit}
              as="li"
              height={20}
              row={(line, place) => (
                <li {...place}>
                  <Link to={`/vehicles/${line.vehicleId}`}>{line.unit}</Link> {line.reason.join('; ')}
                </li>
              )}
            />
          </Box>
        </Part>
        <Part title={say('checkedOnTime')}>
          <Table
            label={say('checkedOnTime')}
            heads={[say('vehicleClass'), say('tires2'), say('onTime'), say('overdue')]}
          >
            {view.checked.map((line) => (
              <tr key={line.vehicleClass}>
                <td>{line.vehicleClass}</td>
                <td>{line.tires}</td>
                <td>{line.onTime}</td>
                <td>{line.overdue === 0 ? 'none' : <strong>{line.overdue}</strong>}</td>
              </tr>
            ))}
          </Table>
        </Part>
        <Part title={say('leaksAndWear')}>
          {view.findings.length === 0 && <p>{say('none')}</p>}
          {view.findings.length > 0 && (
            <Table
              label={say('leaksAndWear')}
              count={view.findings.length}
              heads={[say('vehicle2'), say('tire'), say('what'), say('figure')]}
            >
              <LongList
                of={view.findings}
                keyOf={(line) => `${line.unit} ${line.position} ${line.statement}`}
                as="tr"
                height={31}
                row={(line, place) => (
                  <tr {...place}>
                    <td>
                      <Link to={`/vehicles/${line.vehicleId}`}>{line.unit}</Link>
                    </td>
                    <td>{line.position}</td>
                    <td>{line.description}</td>
                    <td>{line.statement}</td>
                  </tr>
                )}
              />
            </Table>
          )}
        </Part>
      </Box>
    </Page>
  )
}

const KINDS: Look[] = [
  { name: say('tiresReceived'), fill: color.petrol },
  { name: say('labor'), fill: color.watch, hatch: 'rising' },
]

const monthName = (month: string) =>
  new Date(`${month}-15T12:00:00`).toLocaleDateString('en-US', { month: 'short', year: '2-digit' })

/** The months and weeks before: what was spent, how much was checked on time, why tires went. */
function Past({ view }: { view: Schemas['MonthlyReportView'] }) {
  const spent = view.spending.some((one) => one.tireSum + one.laborSum > 0)
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }, gap: 3 }}
    >
      <Figures
        title={say('spendingByMonth')}
        about={say('laborIsTheJobsTime')}
        heads={[say('month'), say('tiresReceived'), say('labor'), say('total')]}
        rows={view.spending.map((one) => [monthName(one.month), one.tires, one.labor, one.total])}
      >
        {spent ? (
          <StackedColumns
            label={say('spendingByMonth2', {
              spending: view.spending.map((one) => `${monthName(one.month)} ${one.total}`).join(', '),
            })}
            kinds={KINDS}
            columns={view.spending.map((one) => ({
              name: monthName(one.month),
              figures: [one.tireSum, one.laborSum],
            }))}
            write={roundMoney}
          />
        ) : (
          <p>{say('nothingWasSpentInThese')}</p>
        )}
      </Figures>
      <Figures
        title={say('checkedOnTimeByWeek')}
        about={say('shareOfTiresWhoseLast')}
        heads={[say('weekFrom'), say('tires2'), say('onTime')]}
        rows={view.onTimeByWeek.map((one) => [day(one.from), one.tires, `${one.percent}%`])}
      >
        <StackedColumns
          label={say('checkedOnTimeByWeek2', {
            onTimeByWeek: view.onTimeByWeek.map((one) => `${day(one.from)} ${one.percent}%`).join(', '),
          })}
          kinds={[{ name: say('onTime'), fill: color.fit }]}
          columns={view.onTimeByWeek.map((one) => ({ name: dayOfMonth(one.from), figures: [one.percent] }))}
          write={(percent) => `${percent}%`}
        />
      </Figures>
      <Figures
        title={say('retiredByCause12Months')}
        heads={[say('cause'), say('thisMonth'), say('at12Months')]}
        rows={view.causesOfYear.map((one) => [
          one.cause,
          view.causes.find((now) => now.cause === one.cause)?.tires ?? 0,
          one.tires,
        ])}
      >
        {view.causesOfYear.length === 0 ? (
          <p>{say('noTireWasRetired')}</p>
        ) : (
          <CauseBars causes={view.causesOfYear.map((one) => ({ name: one.cause, count: one.tires }))} />
        )}
      </Figures>
    </Box>
  )
}

const dayOfMonth = (iso: string) => day(iso).replace(/, \d{4}$/, '')

function Figure({ figure, words }: { figure: string; words: string }) {
  return (
    <div>
      <Box component="dt" sx={{ color: 'text.secondary' }}>
        {words}
      </Box>
      <Box component="dd" sx={{ m: 0, fontSize: 22, fontWeight: 750 }}>
        {figure}
      </Box>
    </div>
  )
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {title}
      </Box>
      {children}
    </Box>
  )
}
