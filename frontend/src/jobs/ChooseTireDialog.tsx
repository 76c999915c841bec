import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import type { DueLine, Schemas } from '../api/client'
import { color } from '../base/theme'
import { VerdictIcon } from '../drawings/verdict/VerdictIcon'
import { say } from './words'

export type TireChoice = Schemas['TireChoiceOption']
export type ChooseTire = Schemas['ChooseTireRequest']

/** Whether a tire is chosen for a piece of work; a rotation has chosen its own. */
export const choosesTire = (work: Pick<DueLine, 'workType'>) =>
  work.workType === 'REPLACE' || work.workType === 'CORRECT_MISMATCH'

/** A choice as it is sent. */
export const asRequest = (choice: TireChoice): ChooseTire =>
  choice.tireId
    ? { tireId: choice.tireId }
    : choice.orderLineId
      ? { orderLineId: choice.orderLineId }
      : { tireModelId: choice.tireModelId }

const SOURCES: [TireChoice['source'], string][] = [
  ['STOCK', say('inStock')],
  ['ORDERED', say('onOrder')],
  ['TO_BUY', say('toBuy')],
]

/** Which tire goes on at a position: in stock, on order or to buy, each with what its check for the place says. */
export function ChooseTireDialog(props: {
  title: string
  options: TireChoice[] | undefined
  error?: string | undefined
  busy?: boolean
  wanted: TireChoice | undefined
  onWant: (choice: TireChoice) => void
  onChoose: () => void
  onClose: () => void
}) {
  return (
    <Dialog open onClose={props.onClose} fullWidth maxWidth="sm" aria-labelledby="choose-tire">
      <DialogTitle id="choose-tire">{props.title}</DialogTitle>
      <DialogContent dividers aria-busy={!props.options}>
        {props.error && (
          <Alert severity="error" sx={{ mb: 1 }}>
            {props.error}
          </Alert>
        )}
        {!props.options && !props.error && <p>{say('checkingWhichTiresMayGo')}</p>}
        {props.options?.length === 0 && <p>{say('noTireInStock')}</p>}
        {SOURCES.map(([source, words]) => {
          const here = props.options?.filter((option) => option.source === source) ?? []
          if (here.length === 0) return null
          return (
            <Box key={source} component="section" aria-label={words}>
              <Box component="h2" sx={{ typography: 'h3', m: 0, mt: 1.5, mb: 0.5 }}>
                {words}
              </Box>
              <Box sx={{ display: 'grid', gap: 0.75 }}>
                {here.map((option) => (
                  <OneChoice
                    key={`${option.tireId} ${option.orderLineId} ${option.tireModelId}`}
                    option={option}
                    isWanted={option === props.wanted}
                    onWant={() => props.onWant(option)}
                  />
                ))}
              </Box>
            </Box>
          )
        })}
      </DialogContent>
      <DialogActions>
        <Button onClick={props.onClose}>{say('cancel')}</Button>
        <Button variant="contained" disabled={!props.wanted} loading={props.busy ?? false} onClick={props.onChoose}>
          {say('chooseThisTire')}
        </Button>
      </DialogActions>
    </Dialog>
  )
}

/** One tire, with what its check for the place says. What must not go there can't be chosen. */
function OneChoice({ option, isWanted, onWant }: { option: TireChoice; isWanted: boolean; onWant: () => void }) {
  const never = option.refusals.length > 0 || option.taken !== undefined
  return (
    <Button
      variant="outlined"
      fullWidth
      aria-pressed={isWanted}
      disabled={never}
      onClick={onWant}
      sx={{
        justifyContent: 'flex-start',
        textAlign: 'left',
        background: isWanted ? color.picked : color.sheet,
        '&.Mui-disabled': { color: color.quiet },
      }}
    >
      <span>
        <strong>{option.label}</strong>
        <Box component="span" sx={{ display: 'block', fontWeight: 400 }}>
          {option.details}
        </Box>
        {option.taken && (
          <Box component="span" sx={{ display: 'block', fontWeight: 600 }}>
            {option.taken}
          </Box>
        )}
        {[...option.refusals, ...option.notes].slice(0, 3).map((reason) => (
          <Box key={reason.statement} component="span" sx={{ display: 'flex', gap: 0.75, fontWeight: 500 }}>
            <VerdictIcon verdict={reason.verdict} size={14} /> {reason.statement}
          </Box>
        ))}
      </span>
    </Button>
  )
}
