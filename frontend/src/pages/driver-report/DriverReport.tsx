import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Title } from '../../ui/Title'
import { useSend } from '../../ui/useSend'
import { say } from './words'

type Symptom = NonNullable<Schemas['DriverReportRequest']['symptom']>

/** The driver's short form: what was noticed, where, in a few words. No account, nothing of the fleet but the unit. */
export function DriverReport() {
  const code = useParams().code ?? ''
  const path = { code }
  const form = useQuery({
    queryKey: ['report', code],
    retry: false,
    queryFn: () => answerOf(api.GET('/api/driver-reports/{code}', { params: { path } })),
  })
  const [symptom, setSymptom] = useState<Symptom>()
  const [corner, setCorner] = useState('')
  const [note, setNote] = useState('')
  const [reporter, setReporter] = useState('')
  const [thanks, setThanks] = useState<string>()
  const send = useSend(
    (key) =>
      answerOf(
        api.POST('/api/driver-reports/{code}', {
          params: { path, header: { 'Idempotency-Key': key } },
          body: { corner, note, reporter, ...(symptom && { symptom }) },
        }),
      ),
    (answer) => setThanks(answer.statement),
    null,
  )
  return (
    <Box component="main" sx={{ maxWidth: 520, mx: 'auto', p: 2, display: 'grid', gap: 2 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <img src="/mark.svg" width={26} height={26} alt="" />
        <Title>{form.data ? say('reportOn', { unit: form.data.unit }) : say('report')}</Title>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          {form.data ? say('reportOn', { unit: form.data.unit }) : say('report')}
        </Box>
      </Box>
      {form.isPending && <LoadingLines lines={4} />}
      {form.isError && <LoadProblem error={form.error} again={() => form.refetch()} />}
      {thanks && (
        <>
          <Alert severity="success">{thanks}</Alert>
          <Button
            variant="outlined"
            sx={{ minHeight: 48 }}
            onClick={() => {
              setThanks(undefined)
              setSymptom(undefined)
              setNote('')
              setCorner('')
            }}
          >
            {say('reportSomethingElse')}
          </Button>
        </>
      )}
      {form.data && !thanks && (
        <Box
          component="form"
          noValidate
          onSubmit={(event: React.FormEvent) => {
            event.preventDefault()
            send.send()
          }}
          sx={{ display: 'grid', gap: 2 }}
        >
          <Box
            role="group"
            aria-label={say('whatDidYouNotice')}
            sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr' }}
          >
            {form.data.symptoms.map((one) => (
              <Button
                key={one.name}
                variant={symptom === one.name ? 'contained' : 'outlined'}
                aria-pressed={symptom === one.name}
                onClick={() => setSymptom(one.name as Symptom)}
                sx={{ minHeight: 52, background: symptom === one.name ? undefined : color.sheet }}
              >
                {one.label}
              </Button>
            ))}
          </Box>
          {send.wrong('symptom') && (
            <Box role="alert" sx={{ color: 'error.main' }}>
              {send.wrong('symptom')}
            </Box>
          )}
          <Box
            role="group"
            aria-label={say('whichCornerIfYouKnow')}
            sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}
          >
            <Box sx={{ width: '100%', color: 'text.secondary' }}>{say('whichTireIfYouKnow')}</Box>
            {form.data.corners.map((one) => (
              <Button
                key={one}
                variant={corner === one ? 'contained' : 'outlined'}
                aria-pressed={corner === one}
                onClick={() => setCorner(corner === one ? '' : one)}
                sx={{ minHeight: 44, minWidth: 56, background: corner === one ? undefined : color.sheet }}
              >
                {one}
              </Button>
            ))}
          </Box>
          <Entry
            label={say('inAFewWords')}
            value={note}
            onChange={setNote}
            error={send.wrong('note')}
            width="100%"
            multiline
          />
          <Entry
            label={say('yourNameIfYouLike')}
            value={reporter}
            onChange={setReporter}
            error={send.wrong('reporter')}
            width="100%"
          />
          {send.error instanceof Error && !send.wrong('symptom') && (
            <Alert severity="error">{send.error.message}</Alert>
          )}
          <Button type="submit" variant="contained" loading={send.busy} sx={{ minHeight: 52 }}>
            {say('sendTheReport')}
          </Button>
          <Box sx={{ color: 'text.secondary' }}>{say('ifItPullsHardVibrates')}</Box>
        </Box>
      )}
    </Box>
  )
}
