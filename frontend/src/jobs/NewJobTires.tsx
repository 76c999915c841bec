import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { answerOf, api } from '../api/client'
import { useUnits } from '../base/settings'
import { ByEar } from '../ui/ByEar'
import { ChooseTireDialog, type TireChoice } from './ChooseTireDialog'
import { say, sayAround } from './words'

const bold = (inner: ReactNode) => <strong>{inner}</strong>

/** The tires chosen in a dialog so far, by unit and position, for example "SH-04 1R". */
export type TiresSoFar = Record<string, TireChoice>

export const tireKey = (unit: string, position: string) => `${unit} ${position}`

interface Place {
  vehicleId: number
  unit: string
  position: string
}

/** Which tires go on, said as the job is made; a tire nobody chose can still be chosen on its job. */
export function NewJobTires(props: {
  vehicleId: number
  unit: string
  positions: string[]
  day: string
  chosen: TiresSoFar
  onChoose: (chosen: TiresSoFar) => void
  error: (position: string) => string | undefined
}) {
  const [choosing, setChoosing] = useState<Place>()
  return (
    <Box component="ul" aria-label={say('tiresThatGo', { unit: props.unit })} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {props.positions.map((position) => {
        const choice = props.chosen[tireKey(props.unit, position)]
        return (
          <Box
            component="li"
            key={position}
            sx={{ display: 'flex', columnGap: 1, alignItems: 'center', flexWrap: 'wrap' }}
          >
            <span>
              {choice
                ? sayAround('getsATire', { position, tire: `${choice.label} (${choice.details})` }, { place: bold })
                : sayAround(
                    'getsATireNobodyHasChosen',
                    { position },
                    { place: bold, none: (inner) => <Box component="em">{inner}</Box> },
                  )}
            </span>
            <Button
              size="small"
              onClick={() => setChoosing({ vehicleId: props.vehicleId, unit: props.unit, position })}
              sx={{ minHeight: { xs: 44, sm: 32 } }}
            >
              {choice ? say('changeTire') : say('chooseTire')} <ByEar>{say('for', { position })}</ByEar>
            </Button>
            {props.error(position) && (
              <Box role="alert" sx={{ color: 'error.main', fontSize: 12.5, width: '100%' }}>
                {props.error(position)}
              </Box>
            )}
          </Box>
        )
      })}
      {choosing && (
        <ChooseHere
          place={choosing}
          day={props.day}
          chosen={props.chosen}
          onChoose={(choice) => {
            props.onChoose({ ...props.chosen, [tireKey(choosing.unit, choosing.position)]: choice })
            setChoosing(undefined)
          }}
          onClose={() => setChoosing(undefined)}
        />
      )}
    </Box>
  )
}

function ChooseHere(props: {
  place: Place
  day: string
  chosen: TiresSoFar
  onChoose: (choice: TireChoice) => void
  onClose: () => void
}) {
  const [units] = useUnits()
  const { vehicleId, unit, position } = props.place
  const [wanted, setWanted] = useState<TireChoice>()
  const options = useQuery({
    queryKey: ['tire choices', vehicleId, position, props.day, units],
    queryFn: () =>
      answerOf(
        api.GET('/api/vehicles/{id}/positions/{position}/tire-choices', {
          params: {
            path: { id: vehicleId, position },
            query: { units, ...(/^\d{4}-\d\d-\d\d$/.test(props.day) && { day: props.day }) },
          },
        }),
      ),
    staleTime: 0,
  })
  // One tire can't go on at two places, also while nothing is sent yet.
  const goesTo = (choice: TireChoice) =>
    choice.tireId
      ? Object.entries(props.chosen).find(
          ([place, other]) => other.tireId === choice.tireId && place !== tireKey(unit, position),
        )?.[0]
      : undefined
  return (
    <ChooseTireDialog
      title={say('tireFor', { unit, position })}
      options={options.data?.map((choice) => {
        const place = goesTo(choice)
        return place ? { ...choice, taken: say('chosenFor', { place }) } : choice
      })}
      error={options.error?.message}
      wanted={wanted}
      onWant={setWanted}
      onChoose={() => wanted && props.onChoose(wanted)}
      onClose={props.onClose}
    />
  )
}
