import { useUnits } from '../base/settings'
import { Entry } from '../ui/Entry'
import { say } from './words'

/** When a tire was moved and what the odometer read; both may be left as they are. */
export function DayAndOdometer(props: {
  day: string
  onDay: (day: string) => void
  odometer?: string
  onOdometer?: (odometer: string) => void
  odometerLabel?: string
  odometerHint?: string
  wrong: (field: string) => string | undefined
}) {
  const [units] = useUnits()
  return (
    <>
      <Entry
        label={say('day')}
        type="date"
        value={props.day}
        onChange={props.onDay}
        error={props.wrong('day')}
        width={170}
      />
      {props.onOdometer && (
        <Entry
          label={props.odometerLabel ?? say('odometer')}
          value={props.odometer}
          onChange={props.onOdometer}
          error={props.wrong('odometer')}
          unit={units === 'US' ? 'mi' : 'km'}
          hint={props.odometerHint ?? say('blankFromTheVehiclesReadings')}
          width={240}
        />
      )}
    </>
  )
}
