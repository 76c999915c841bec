import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { fleetQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { TireTimelines } from '../../drawings/tire-timelines/TireTimelines'
import { useMay } from '../../session/session'
import { Dimmed } from '../../ui/Dimmed'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useDebounced } from '../../ui/useDebounced'
import { useSend } from '../../ui/useSend'
import { day, many } from '../../units/format'
import { OutlookSpending } from './OutlookSpending'
import { say, sayAround } from './words'

type View = Schemas['OutlookView']
type Strategy = View['strategy']

interface Tried {
  overallYears: string
  steerYears: string
  pull: string
  visitMonths: string
  growthPercent: string
}

const NOTHING: Tried = { overallYears: '', steerYears: '', pull: '', visitMonths: '', growthPercent: '' }

const figures = (tried: Tried) =>
  Object.fromEntries(
    Object.entries(tried)
      .filter(([, text]) => text.trim() !== '' && !Number.isNaN(Number(text)))
      .map(([name, text]) => [name, Number(text)]),
  )

/** Fifteen years ahead: what each strategy buys, costs and throws away; one of them becomes jobs. */
export function Outlook() {
  const [units] = useUnits()
  const [strategy, setStrategy] = useState<Strategy>('PLANNED_VISITS')
  const [vehicleClass, setClass] = useState('')
  const [yard, setYard] = useState('')
  const [tried, setTried] = useState(NOTHING)
  const [accepting, setAccepting] = useState(false)
  const rested = useDebounced(JSON.stringify(tried))
  const fleet = useQuery(fleetQuery)
  const may = useMay('COORDINATOR')
  const body = { strategy, vehicleClass, yard, whatIf: figures(JSON.parse(rested) as Tried) }
  const outlook = useQuery({
    queryKey: ['outlook', body, units],
    queryFn: () => answerOf(api.POST('/api/outlook', { params: { query: { units } }, body })),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const wrong = (field: string) =>
    outlook.error instanceof ProblemError ? outlook.error.field(`whatIf.${field}`) : undefined
  if (outlook.isPending) return <LoadingLines lines={14} />
  const view = outlook.data
  const atField = outlook.error instanceof ProblemError && outlook.error.problem.fields.length > 0
  if (outlook.isError && !atField) return <LoadProblem error={outlook.error} again={() => outlook.refetch()} />
  const vehicles = fleet.data ?? []
  const values = (of: (tile: (typeof vehicles)[number]) => string) => [...new Set(vehicles.map(of))].sort()
  return (
    <Page
      title={say('at15YearOutlook')}
      about={
        view &&
        say('to', {
          many: many(view.vehicles, say('vehicle'), say('vehicles')),
          from: day(view.from),
          to: day(view.to),
        })
      }
      actions={
        <>
          <Button
            component="a"
            href={`/api/outlook.csv?strategy=${strategy}&vehicleClass=${encodeURIComponent(vehicleClass)}&yard=${encodeURIComponent(yard)}&units=${units}`}
          >
            {say('csv')}
          </Button>
          {may && (
            <Button variant="contained" disabled={outlook.isPlaceholderData} onClick={() => setAccepting(true)}>
              {say('scheduleTheNextTwoYears')}
            </Button>
          )}
        </>
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>
        <Box className="not-printed" sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <Choice
            label={say('vehicleClass')}
            value={vehicleClass}
            options={[
              ['', say('allClasses')],
              ...values((tile) => tile.vehicleClass).map((one) => [one, one] as const),
            ]}
            onChange={setClass}
            width={190}
          />
          <Choice
            label={say('yard')}
            value={yard}
            options={[['', say('allYards')], ...values((tile) => tile.yard).map((one) => [one, one] as const)]}
            onChange={setYard}
            width={150}
          />
          <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Box component="legend" sx={{ float: 'left', alignSelf: 'center', p: 0, pr: 0.5, color: 'text.secondary' }}>
              {say('whatIf')}
            </Box>
            {(
              [
                ['overallYears', say('overallAge'), 'years'],
                ['steerYears', say('steerAge'), 'years'],
                ['pull', say('pullPoint'), '/32 in'],
                ['visitMonths', say('visitInterval'), 'months'],
                ['growthPercent', say('priceIncrease'), '%'],
              ] as const
            ).map(([name, label, unit]) => (
              <Entry
                key={name}
                label={label}
                value={tried[name]}
                onChange={(value) => setTried({ ...tried, [name]: value })}
                error={wrong(name)}
                unit={unit}
                width={158}
              />
            ))}
          </Box>
        </Box>
        <Dimmed when={outlook.isPlaceholderData || rested !== JSON.stringify(tried)}>
          {view && <Compared view={view} chosen={strategy} onChoose={setStrategy} />}
          {view?.difference && (
            <Alert severity="info">
              <strong>{say('withTheNumbersTried')}</strong>
              {say('thisStrategyComesToOldest', {
                tires: view.difference.tires,
                money: view.difference.money,
                oldestSteer: view.difference.oldestSteer,
                limitsExceeded: view.difference.limitsExceeded,
              })}
            </Alert>
          )}
          {view && <Ahead view={view} />}
        </Dimmed>
      </Box>
      {accepting && view && (
        <AcceptDialog view={view} scope={{ vehicleClass, yard }} onClose={() => setAccepting(false)} />
      )}
    </Page>
  )
}

function Compared(props: { view: View; chosen: Strategy; onChoose: (strategy: Strategy) => void }) {
  return (
    <Box component="section" aria-label={say('strategies')}>
      <Table
        label={say('strategiesOver15Years')}
        heads={[
          say('strategy'),
          say('cost'),
          say('tires2'),
          say('sensors'),
          say('daysInShop'),
          say('unusedLife'),
          say('oldestSteer'),
          say('limitsExceeded'),
        ]}
      >
        {props.view.strategies.map((one) => (
          <Box component="tr" key={one.strategy} sx={one.strategy === props.chosen ? { background: color.picked } : {}}>
            <Box component="td" sx={{ minWidth: 190 }}>
              <label>
                <input
                  type="radio"
                  name="strategy"
                  checked={one.strategy === props.chosen}
                  onChange={() => props.onChoose(one.strategy)}
                />{' '}
                <strong>{one.title}</strong>
              </label>
              <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{one.about}</Box>
            </Box>
            <td>
              <strong>{one.money}</strong>
              {one.cheapest && <div>{say('cheapest')}</div>}
            </td>
            <td>{one.tires}</td>
            <td>{one.sensors}</td>
            <td>{one.visits}</td>
            <td>{one.unusedLife}</td>
            <td>{one.oldestSteer ?? say('noLimit')}</td>
            <td>{one.limitsExceeded === 0 ? 'none' : <strong>{one.limitsExceeded}</strong>}</td>
          </Box>
        ))}
      </Table>
    </Box>
  )
}

function Ahead({ view }: { view: View }) {
  const [vehicle, setVehicle] = useState<number>()
  const shown = vehicle ?? view.each[0]?.id
  return (
    <>
      <Alert severity={view.odds.percent >= 80 ? 'success' : 'warning'} icon={false}>
        <strong>{say('aboutTireGoesBeforeTheir', { unplannedChanges: view.odds.unplannedChanges })}</strong>
        {say('untilIn100ThatNone', {
          until: day(view.odds.until),
          percent: view.odds.percent,
          tries: view.odds.tries,
          deliveredMonths: view.deliveredMonths,
        })}
        {view.unpriced > 0 &&
          say('noPriceInTheCatalog', { many: many(view.unpriced, say('tireHas'), say('tiresHave')) })}
        {view.wearUnknown > 0 && say('wearRateUnknownForOnly', { many: many(view.wearUnknown, 'tire', 'tires') })}
      </Alert>
      {view.limitsExceeded.length > 0 && (
        <Box component="section" aria-label={say('limitsExceeded')}>
          <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
            {say('limitsExceeded')}
          </Box>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {view.limitsExceeded.slice(0, 8).map((one) => (
              <li key={`${one.unit} ${one.position} ${one.on}`}>
                <Link to={`/vehicles/${one.vehicleId}`}>{one.unit}</Link> {one.statement} {one.remedy}
              </li>
            ))}
          </Box>
          {view.limitsExceeded.length > 8 && <div>{say('andMore', { count: view.limitsExceeded.length - 8 })}</div>}
        </Box>
      )}
      <OutlookSpending view={view} />
      <Box component="details" aria-label={say('byYear')}>
        <Box component="summary" sx={{ fontWeight: 650 }}>
          {say('byYearInFigures')}
        </Box>
        <Table
          label={say('byYear')}
          heads={[
            say('year'),
            say('byQuarter'),
            say('tires2'),
            say('sensors'),
            'Tires $',
            'Sensors $',
            'Labor $',
            say('total'),
            say('unusedLife'),
          ]}
        >
          {view.years.map((year) => (
            <tr key={year.year}>
              <td>
                <strong>{year.year}</strong>
              </td>
              <td>
                <Box component="span" sx={{ color: 'text.secondary', fontSize: 12 }}>
                  {year.quarters.map((one) => `Q${one.quarter} ${one.tires}`).join(' · ')}
                </Box>
              </td>
              <td>{year.tires}</td>
              <td>{year.sensors}</td>
              <td>{year.tireMoney}</td>
              <td>{year.sensorMoney}</td>
              <td>{year.laborMoney}</td>
              <td>
                <strong>{year.money}</strong>
              </td>
              <td>{year.unusedLife}</td>
            </tr>
          ))}
        </Table>
      </Box>
      {shown !== undefined && (
        <Box component="section" aria-label={say('tireTimelines')}>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
            <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
              {say('tireTimelines')}
            </Box>
            <Choice
              label={say('vehicle2')}
              value={String(shown)}
              options={view.each.map(
                (one) => [String(one.id), say('tires', { unit: one.unit, tires: one.tires })] as const,
              )}
              onChange={(id) => setVehicle(Number(id))}
              width={210}
            />
            <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{say('oneBarIsOneTire')}</Box>
          </Box>
          <RibbonsOf vehicleId={shown} strategy={view.strategy} />
        </Box>
      )}
    </>
  )
}

function RibbonsOf({ vehicleId, strategy }: { vehicleId: number; strategy: Strategy }) {
  const [units] = useUnits()
  const ribbons = useQuery({
    queryKey: ['outlook', 'ribbons', vehicleId, strategy, units],
    queryFn: () =>
      answerOf(
        api.POST('/api/outlook/vehicles/{id}/timelines', {
          params: { path: { id: vehicleId }, query: { units } },
          body: { strategy },
        }),
      ),
    placeholderData: keepPreviousData,
  })
  if (!ribbons.data || ribbons.isPlaceholderData) return <LoadingLines lines={4} />
  return (
    <Box
      sx={{ overflowX: 'auto', background: color.sheet, border: 1, borderColor: 'divider', p: 1 }}
      tabIndex={0}
      role="region"
      aria-label={say('tireTimelines2', { unit: ribbons.data.unit })}
    >
      <TireTimelines view={ribbons.data} />
    </Box>
  )
}

function AcceptDialog(props: { view: View; scope: { vehicleClass: string; yard: string }; onClose: () => void }) {
  const { view } = props
  const [units] = useUnits()
  const notice = useNotice()
  const title = view.strategies.find((one) => one.strategy === view.strategy)?.title ?? ''
  const form = useSend<Schemas['OutlookJobsView']>(
    (key) =>
      answerOf(
        api.POST('/api/outlook/accept', {
          params: { query: { units }, header: { 'Idempotency-Key': key } },
          body: { strategy: view.strategy, ...props.scope },
        }),
      ),
    (made) => {
      notice({
        text: say('forScheduled', {
          jobs: many(made.jobs, 'job', 'jobs'),
          vehicles: many(made.tires, 'tire', 'tires'),
        }),
      })
      props.onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('scheduleTheNextTwoYears2', { title })}
      action={say('createJobs')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      <Box sx={{ width: '100%' }}>
        {sayAround(
          'eachVisitOfThisStrategy',
          { until: day(view.odds.until) },
          { list: (inner) => <Link to="/stock/to-order">{inner}</Link> },
        )}
      </Box>
    </FormDialog>
  )
}
