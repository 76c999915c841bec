import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { answerOf, api } from '../../api/client'
import { color, mono } from '../../base/theme'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { say } from './words'

/** The card for the cab: its code opens the driver's form. */
export function DriverCard() {
  const id = Number(useParams().id)
  const queries = useQueryClient()
  const path = { id }
  const [address, setAddress] = useState(globalThis.location.origin)
  const key = ['vehicle', id, 'report-card']
  const card = useQuery({
    queryKey: key,
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/driver-card', { params: { path } })),
  })
  if (card.isPending) return <LoadingLines lines={4} />
  if (card.isError) return <LoadProblem error={card.error} again={() => card.refetch()} />
  const link = `${address}/report/${card.data.code}`
  return (
    <Page
      title={say('driversCard', { unit: card.data.unit })}
      about={say('driversReportProblems')}
      actions={
        <>
          <Button variant="contained" onClick={() => globalThis.print()}>
            {say('print')}
          </Button>
          <Button
            component="a"
            href={`/api/vehicles/${id}/pdf/driver-card.pdf?origin=${encodeURIComponent(address)}`}
            target="_blank"
            rel="noreferrer"
          >
            {say('asPdf')}
          </Button>
          <Button
            onClick={async () =>
              queries.setQueryData(
                key,
                await answerOf(api.POST('/api/vehicles/{id}/driver-card', { params: { path } })),
              )
            }
          >
            {say('makeNewCodeOldCards')}
          </Button>
        </>
      }
    >
      <Box className="not-printed" sx={{ mb: 2 }}>
        <Entry label={say('addressPhonesReach')} value={address} onChange={setAddress} width={360} />
      </Box>
      <Box
        sx={{
          width: 380,
          maxWidth: '100%',
          border: `1.5px solid ${color.ink}`,
          borderRadius: 1,
          background: color.sheet,
          p: 2,
          display: 'flex',
          gap: 2,
        }}
      >
        <img
          src={`/api/qr?address=${encodeURIComponent(address)}&path=${encodeURIComponent(`/report/${card.data.code}`)}`}
          alt={say('codeThatOpens', { link })}
          width={120}
          height={120}
        />
        <Box>
          <Box sx={{ fontWeight: 750, fontSize: 20 }}>{card.data.unit}</Box>
          <Box>{say('pullsVibratesMakesNoise')}</Box>
          <Box sx={{ fontFamily: mono, fontSize: 12, mt: 0.75, wordBreak: 'break-all' }}>{link}</Box>
        </Box>
      </Box>
    </Page>
  )
}
