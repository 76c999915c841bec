import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { sheetQuery } from '../../api/queries'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { asNext, BLANK } from './blank'
import { VehicleForm } from './VehicleForm'

/** A new vehicle, a copy of another as the next, or one on file to be changed. */
export function VehicleEditor() {
  const id = useParams().id
  const from = useSearchParams()[0].get('from')
  const source = id ?? from
  const sheet = useQuery({ ...sheetQuery(Number(source)), enabled: source !== null && source !== undefined })
  if (source === null || source === undefined) return <VehicleForm key="new" start={BLANK} />
  if (sheet.isPending) return <LoadingLines lines={10} />
  if (sheet.isError) return <LoadProblem error={sheet.error} again={() => sheet.refetch()} />
  return id ? (
    <VehicleForm key={`edit ${id}`} start={sheet.data.form} sheet={sheet.data} />
  ) : (
    <VehicleForm key={`from ${from}`} start={asNext(sheet.data.form)} copied={sheet.data.form.unit} />
  )
}
