import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { answerOf, api } from '../../api/client'
import { color } from '../../base/theme'
import type { Stop } from '../../offline/draft'
import type { WaitingPhoto } from '../../offline/store'
import { uploadQueue } from '../../offline/uploadQueue'
import { useHeld } from '../../offline/useUploadQueue'
import { moment } from '../../units/format'
import { say } from './words'

const SIZE = 96

/** Photos of one position: taken with the phone, kept here until the server has them, small and without the place they were taken. */
export function Photos({ vehicleId, walkId, stop }: { vehicleId: number; walkId: number; stop: Stop }) {
  const file = useRef<HTMLInputElement>(null)
  const queries = useQueryClient()
  const waiting = useHeld().photos.filter((one) => one.vehicleId === vehicleId && one.position === stop.position)
  const drop = useMutation({
    mutationFn: (photo: number) =>
      answerOf(api.DELETE('/api/walk-arounds/{id}/photos/{photo}', { params: { path: { id: walkId, photo } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ['walk', vehicleId] }),
  })
  const add = async (pictures: FileList | null) => {
    for (const picture of pictures ?? []) await uploadQueue.keepPhoto(vehicleId, stop.position, picture)
    await uploadQueue.sendAll()
    await queries.invalidateQueries({ queryKey: ['walk', vehicleId] })
  }
  return (
    <Box component="section" aria-label={say('photos')} sx={{ mb: 2 }}>
      <Box component="h3" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {say('photos')}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        {stop.photos.map((photo) => (
          <Box key={photo.id} sx={{ width: SIZE }}>
            <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photos/${photo.id}?small=true`}
                alt={`${stop.position}, ${moment(photo.at)}, ${photo.by}`}
                width={SIZE}
                height={SIZE}
                style={{ objectFit: 'cover', borderRadius: 4, display: 'block' }}
              />
            </a>
            <Button size="small" disabled={drop.isPending} onClick={() => drop.mutate(photo.id)}>
              {say('remove')}
            </Button>
          </Box>
        ))}
        {waiting.map((photo) => (
          <Waiting key={photo.id} photo={photo} />
        ))}
        <Button
          variant="outlined"
          onClick={() => file.current?.click()}
          sx={{ minHeight: 48, background: color.sheet }}
        >
          {say('addAPhoto')}
        </Button>
        <input
          ref={file}
          type="file"
          accept="image/jpeg,image/png"
          capture="environment"
          aria-label={say('photoOf', { position: stop.position })}
          hidden
          onChange={(event) => {
            void add(event.target.files)
            event.target.value = ''
          }}
        />
      </Box>
    </Box>
  )
}

function Waiting({ photo }: { photo: WaitingPhoto }) {
  const [address, setAddress] = useState('')
  useEffect(() => {
    const made = URL.createObjectURL(new Blob([photo.picture], { type: photo.type }))
    setAddress(made)
    return () => URL.revokeObjectURL(made)
  }, [photo.picture, photo.type])
  return (
    <Box sx={{ width: photo.problem ? 220 : SIZE }}>
      {address && (
        <img
          src={address}
          alt={say('waitsOnThisDevice')}
          width={SIZE}
          height={SIZE}
          style={{ objectFit: 'cover', borderRadius: 4, display: 'block', opacity: 0.6 }}
        />
      )}
      {photo.problem ? (
        <Alert severity="error" icon={false} sx={{ mt: 0.5 }}>
          {photo.problem.fields[0]?.message ?? photo.problem.detail}
        </Alert>
      ) : (
        <Box sx={{ fontSize: 12.5, color: 'text.secondary' }}>{say('onThisDevice')}</Box>
      )}
      <Button size="small" onClick={() => void uploadQueue.dropPhoto(photo.id)}>
        {say('remove')}
      </Button>
    </Box>
  )
}
