import Button from '@mui/material/Button'
import ButtonGroup from '@mui/material/ButtonGroup'
import ListItemText from '@mui/material/ListItemText'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answerOf, api, ProblemError, type Schemas } from '../api/client'
import { scopesQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { uploadQueue } from '../offline/uploadQueue'
import { useMay } from '../session/session'
import { useNotice } from '../ui/Notice'
import { say } from './words'

type Scope = Schemas['WalkAroundScopeView']['scope']

/** Starts a walk-around of the chosen scope, or goes on with the one under way. */
export function StartWalkAround({
  vehicleId,
  open,
  unit,
}: {
  vehicleId: number
  open: number | undefined
  /** In a list of several vehicles: which one, and one large button without a choice of scope. */
  unit?: string
}) {
  const [units] = useUnits()
  const [at, setAt] = useState<HTMLElement | null>(null)
  const may = useMay('TECHNICIAN')
  const scopes = useQuery({ ...scopesQuery, enabled: at !== null })
  const navigate = useNavigate()
  const notice = useNotice()
  const start = useMutation({
    mutationFn: (scope: Scope) =>
      answerOf(
        api.POST('/api/vehicles/{vehicleId}/walk-arounds', {
          params: { path: { vehicleId }, query: { units } },
          body: { scope },
        }),
      ),
    onSuccess: (walk) => navigate(`/vehicles/${vehicleId}/walk-around/${walk.id}`),
    onError: async (error) => {
      await uploadQueue.load()
      const along = error instanceof ProblemError && error.unreachable && uploadQueue.sheet(vehicleId)
      if (along) navigate(`/vehicles/${vehicleId}/walk-around/sheet`)
      else notice({ text: error.message })
    },
  })
  if (!may) return null
  const go = (scope: Scope) => {
    setAt(null)
    start.mutate(scope)
  }
  if (unit !== undefined) {
    const word = open === undefined ? say('start') : say('continue')
    return (
      <Button
        variant="contained"
        loading={start.isPending}
        aria-label={say('walkAround', { word, unit })}
        onClick={() => go('FULL')}
        sx={{ minHeight: 48, minWidth: 84 }}
      >
        {word}
      </Button>
    )
  }
  if (open !== undefined) {
    return (
      <Button variant="contained" loading={start.isPending} onClick={() => go('FULL')}>
        {say('continueWalkAround')}
      </Button>
    )
  }
  return (
    <>
      <ButtonGroup variant="contained" disableElevation>
        <Button loading={start.isPending} onClick={() => go('FULL')}>
          {say('startWalkAround')}
        </Button>
        <Button
          aria-label={say('startWithAnotherScope')}
          aria-haspopup="menu"
          sx={{ minWidth: 36, px: 0 }}
          onClick={(event) => setAt(event.currentTarget)}
        >
          <span aria-hidden="true">▾</span>
        </Button>
      </ButtonGroup>
      <Menu anchorEl={at} open={at !== null} onClose={() => setAt(null)}>
        {(scopes.data ?? []).map((one) => (
          <MenuItem key={one.scope} onClick={() => go(one.scope)}>
            <ListItemText primary={one.title} secondary={one.covers} />
          </MenuItem>
        ))}
      </Menu>
    </>
  )
}
