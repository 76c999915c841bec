import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useColorScheme } from '@mui/material/styles'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { settingsQuery } from '../../api/queries'
import { houseStyle, useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { useSend } from '../../ui/useSend'
import { useUnsaved } from '../../ui/useUnsaved'
import { MachineTokens, Webhooks } from './MachineSettings'
import { say, sayAround } from './words'

type Settings = Schemas['FleetSettingsView']

/** How the product looks to this person on this device, and what the fleet prints and mails. */
export function SettingsPage() {
  const settings = useQuery(settingsQuery)
  const mayManage = useMay('MANAGER')
  return (
    <Page title={say('settings')}>
      <Box sx={{ display: 'grid', gap: 3, maxWidth: 760 }}>
        <Own />
        {settings.isPending && <LoadingLines lines={6} />}
        {settings.isError && <LoadProblem error={settings.error} again={() => settings.refetch()} />}
        {settings.data && <Fleet key={JSON.stringify(settings.data)} settings={settings.data} />}
        {mayManage && (
          <>
            <Part title={say('machines')} about={say('gatewaysAndTelematicsSystemsSend')}>
              <MachineTokens />
            </Part>
            <Part title={say('otherSystems')} about={say('toldAtOnceWhat')}>
              <Webhooks />
            </Part>
          </>
        )}
        <Box>
          {sayAround(
            'whatATireIsJudged',
            {},
            {
              policy: (inner) => <Link to="/reference/policy">{inner}</Link>,
              shop: (inner) => <Link to="/shop/setup">{inner}</Link>,
            },
          )}
        </Box>
      </Box>
    </Page>
  )
}

function Own() {
  const [units, setUnits] = useUnits()
  const { mode, setMode } = useColorScheme()
  return (
    <Part title={say('forYouOnThisDevice')}>
      <Choice
        label={say('units')}
        value={units}
        options={[
          ['US', say('psi132InLb')],
          ['METRIC', 'kPa · mm · kg · km'],
        ]}
        onChange={(next) => {
          setUnits(next)
          void api.PUT('/api/session/units', { body: { units: next } })
        }}
        width={230}
      />
      <Choice
        label={say('appearance')}
        value={mode ?? 'system'}
        options={[
          ['system', say('asTheDevice')],
          ['light', 'day'],
          ['dark', 'night'],
        ]}
        onChange={setMode}
        width={180}
      />
    </Part>
  )
}

function Fleet({ settings }: { settings: Settings }) {
  const may = useMay('MANAGER')
  const [paper, setPaper] = useState(settings.paper)
  const [weekStart, setWeekStart] = useState(settings.weekStart)
  const [dates, setDates] = useState(settings.dates)
  const [sign, setSign] = useState(settings.currencySign)
  const [hour, setHour] = useState(settings.digestHour === undefined ? '' : String(settings.digestHour))
  const [to, setTo] = useState(settings.digestTo)
  const unsaved = useUnsaved()
  const form = useSend<Settings>(
    () =>
      answerOf(
        api.PUT('/api/settings', {
          body: { paper, weekStart, dates, currencySign: sign, digestHour: hour.replace(/:00$/, ''), digestTo: to },
        }),
      ),
    (saved) => {
      houseStyle.take(saved)
      unsaved.saved()
    },
    say('fleetsSettingsAreSaved'),
  )
  const [units] = useUnits()
  const now = useSend<Schemas['DigestView']>(
    () => answerOf(api.POST('/api/morning-digest', { params: { query: { units } } })),
    () => {},
    say('todaysMail'),
  )
  return (
    <Box
      component="form"
      noValidate
      onChange={() => unsaved.touch()}
      onSubmit={(event) => {
        event.preventDefault()
        form.send()
      }}
      sx={{ display: 'grid', gap: 3 }}
    >
      {unsaved.question}
      <Part title={say('fleet')}>
        <Choice
          label={say('paper')}
          value={paper}
          options={[
            ['LETTER', say('letter811')],
            ['A4', 'A4, 210 × 297 mm'],
          ]}
          onChange={setPaper}
          width={210}
        />
        <Choice
          label={say('weekBegins')}
          value={weekStart}
          options={[
            ['MONDAY', say('monday')],
            ['SUNDAY', say('sunday')],
          ]}
          onChange={setWeekStart}
          width={180}
        />
        <Choice
          label={say('dates')}
          value={dates}
          options={[
            ['MONTH_FIRST', say('jul282026')],
            ['DAY_FIRST', say('at28Jul2026')],
            ['YEAR_FIRST', '2026-07-28'],
          ]}
          onChange={setDates}
          width={180}
        />
        <Entry
          label={say('currencySign')}
          value={sign}
          onChange={setSign}
          error={form.wrong('currencySign')}
          hint={say('chf')}
          width={150}
        />
      </Part>
      <Part title={say('morningsMail')} about={say('whatMustNotOperate')}>
        <Entry
          label={say('atHour')}
          value={hour}
          onChange={setHour}
          error={form.wrong('digestHour')}
          hint={say('at0To23BlankNo')}
          width={150}
        />
        <Entry label={say('to')} value={to} onChange={setTo} error={form.wrong('digestTo')} width={280} />
        {now.error && (
          <Alert severity="error" sx={{ width: '100%' }}>
            {now.error.message}
          </Alert>
        )}
        {may && (
          <Button onClick={now.send} loading={now.busy} sx={{ minHeight: 44 }}>
            {say('writeTodaysNow')}
          </Button>
        )}
      </Part>
      {may ? (
        <div>
          <Button type="submit" variant="contained" loading={form.busy}>
            {say('saveTheFleetsSettings')}
          </Button>
        </div>
      ) : (
        <p>{say('onlyAManagerCanChange')}</p>
      )}
    </Box>
  )
}

function Part({ title, about, children }: { title: string; about?: string; children: React.ReactNode }) {
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 2 }}
    >
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: about ? 0.5 : 1.5 }}>
        {title}
      </Box>
      {about && <Box sx={{ color: 'text.secondary', mb: 1.5 }}>{about}</Box>}
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>{children}</Box>
    </Box>
  )
}
