import { answerOf, api } from '../../api/client'
import { useMay } from '../../session/session'
import { NoteList } from '../../ui/NoteList'

/** What people wrote down of one vehicle. */
export function VehicleNotes({ vehicle }: { vehicle: { id: number; unit: string } }) {
  const may = useMay('TECHNICIAN')
  const path = { id: vehicle.id }
  return (
    <NoteList
      of={vehicle.unit}
      queryKey={['vehicle', vehicle.id, 'notes']}
      read={() => answerOf(api.GET('/api/vehicles/{id}/notes', { params: { path } }))}
      add={(text, key) =>
        answerOf(
          api.POST('/api/vehicles/{id}/notes', {
            params: { path, header: { 'Idempotency-Key': key } },
            body: { text },
          }),
        )
      }
      addPhoto={(file, key) =>
        answerOf(
          api.POST('/api/vehicles/{id}/notes/photos', {
            params: { path, header: { 'Idempotency-Key': key } },
            body: file as unknown as string,
            bodySerializer: (body) => body as unknown as Blob,
            headers: { 'content-type': file.type },
          }),
        )
      }
      may={may}
    />
  )
}
