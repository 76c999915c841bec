import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControl from '@mui/material/FormControl'
import FormControlLabel from '@mui/material/FormControlLabel'
import FormHelperText from '@mui/material/FormHelperText'
import FormLabel from '@mui/material/FormLabel'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Job, onceKey, ProblemError, type Schemas } from '../api/client'
import { useUnits } from '../base/settings'
import { Choice, Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { day as dayWords } from '../units/format'
import { asRequest } from './ChooseTireDialog'
import { NewJobTires, type TiresSoFar, tireKey } from './NewJobTires'
import { say } from './words'

type Kind = Schemas['WishedWorkOption']['workType']

const NEW_DAY = 'day'

/** Books work that somebody asks for, due or not: on a day of its own or onto a visit the vehicle has already. */
export function BookWorkDialog(props: {
  vehicleId: number
  unit: string
  today: string
  positions: string[]
  openJobs: Job[]
  onClose: () => void
}) {
  const [units] = useUnits()
  const [kind, setKind] = useState<Kind>()
  const [positions, setPositions] = useState<string[]>([])
  const [tires, setTires] = useState<TiresSoFar>({})
  const [wish, setWish] = useState('')
  const [shop, setShop] = useState('')
  const [day, setDay] = useState(props.today)
  const [onto, setOnto] = useState<string>(NEW_DAY)
  const [key, setKey] = useState(onceKey)
  const queries = useQueryClient()
  const notice = useNotice()
  const options = useQuery({
    queryKey: ['wished work'],
    queryFn: () => answerOf(api.GET('/api/wished-work')),
    staleTime: Number.POSITIVE_INFINITY,
  })
  const takesTire = options.data?.find((one) => one.workType === kind)?.takesTire ?? false
  const atPositions = options.data?.find((one) => one.workType === kind)?.atPositions ?? false
  const book = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/wished-work', {
          params: { query: { units }, header: { 'Idempotency-Key': key } },
          body: {
            vehicleId: props.vehicleId,
            ...(kind && { workType: kind }),
            positions: atPositions ? positions : [],
            wish,
            outsideShop: shop,
            ...(onto === NEW_DAY ? { day } : { join: Number(onto) }),
            tires: Object.fromEntries(
              (takesTire ? positions : []).flatMap((position) => {
                const choice = tires[tireKey(props.unit, position)]
                return choice ? [[position, asRequest(choice)]] : []
              }),
            ),
          },
        }),
      ),
    onSettled: () => setKey(onceKey()),
    onSuccess: async (job) => {
      await queries.invalidateQueries()
      notice({ text: say('bookedFor', { unit: props.unit, dayWords: dayWords(job.day) }) })
      props.onClose()
    },
  })
  const problem = book.error instanceof ProblemError ? book.error : undefined
  return (
    <FormDialog
      title={say('bookWork', { unit: props.unit })}
      action={say('book')}
      error={problem?.problem.fields.length ? null : book.error}
      busy={book.isPending}
      onSend={() => book.mutate()}
      onClose={props.onClose}
    >
      <Choice
        label={say('work')}
        value={kind}
        options={(options.data ?? []).map((one) => [one.workType, one.label] as const)}
        onChange={setKind}
        error={problem?.field('workType')}
        width="100%"
      />
      {atPositions && (
        <FormControl component="fieldset" error={problem?.field('positions') !== undefined}>
          <FormLabel component="legend">{say('positions')}</FormLabel>
          <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
            {props.positions.map((position) => (
              <FormControlLabel
                key={position}
                label={position}
                control={
                  <Checkbox
                    checked={positions.includes(position)}
                    onChange={(_, chosen) =>
                      setPositions(chosen ? [...positions, position] : positions.filter((other) => other !== position))
                    }
                  />
                }
              />
            ))}
          </Box>
          {problem?.field('positions') && <FormHelperText>{problem.field('positions')}</FormHelperText>}
        </FormControl>
      )}
      {takesTire && positions.length > 0 && (
        <NewJobTires
          vehicleId={props.vehicleId}
          unit={props.unit}
          positions={positions}
          day={props.openJobs.find((job) => String(job.id) === onto)?.day ?? day}
          chosen={tires}
          onChoose={setTires}
          error={(position) => problem?.field(`tires.${props.unit}.${position}`)}
        />
      )}
      <Entry
        label={say('whatIsWanted')}
        value={wish}
        onChange={setWish}
        error={problem?.field('wish')}
        hint={say('forExampleWhoAsks')}
        width="100%"
      />
      <Entry
        label={say('outsideShopThatDoes')}
        value={shop}
        onChange={setShop}
        error={problem?.field('outsideShop')}
        width="100%"
      />
      {props.openJobs.length > 0 && (
        <Choice
          label={say('when')}
          value={onto}
          options={[
            [NEW_DAY, say('onADay')] as const,
            ...props.openJobs.map(
              (job) =>
                [
                  String(job.id),
                  say('withTheVisit', { dayWords: dayWords(job.day), items: job.items[0]?.label ?? say('noWorkYet') }),
                ] as const,
            ),
          ]}
          onChange={setOnto}
          width="100%"
        />
      )}
      {onto === NEW_DAY && (
        <Entry label={say('day')} type="date" value={day} onChange={setDay} error={problem?.field('day')} width={200} />
      )}
    </FormDialog>
  )
}
