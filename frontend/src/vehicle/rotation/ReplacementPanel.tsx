import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { OrderSpecification } from '../OrderSpecification'
import type { Asked, Places } from './plan'
import { say } from './words'

type Picked = Schemas['InstalledOptionView']

/** Tires that are to go while every other stays: the best match from stock, else what to order; the runner-up, and why. */
export function ReplacementPanel(props: {
  vehicleId: number
  positions: string[]
  asked: Asked
  onTake: (places: Places) => void
}) {
  const [units] = useUnits()
  const named = useSearchParams()[0].get('replace')
  const [retired, setRetired] = useState<string[]>(() =>
    (named ?? '').split(',').filter((position) => props.positions.includes(position)),
  )
  const panel = useRef<HTMLElement>(null)
  const [ordering, setOrdering] = useState<string>()
  const finding = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/vehicles/{id}/rotation/replacement', {
          params: { path: { id: props.vehicleId }, query: { units } },
          body: { options: props.asked, positions: retired },
        }),
      ),
  })
  // Come from the due list: the tires are named already, and what could take their places is what was asked.
  const { mutate } = finding
  const come = retired.length > 0 && named !== null
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, on coming here
  useEffect(() => {
    if (!come) return
    panel.current?.scrollIntoView({ block: 'start' })
    mutate()
  }, [])
  const turn = (position: string) => {
    finding.reset()
    setRetired(retired.includes(position) ? retired.filter((one) => one !== position) : [...retired, position])
  }
  const found = finding.data
  return (
    <Box
      component="section"
      ref={panel}
      aria-label={say('replaceTires')}
      sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5 }}
    >
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
        <Box component="legend" sx={{ typography: 'h2', p: 0 }}>
          {say('replaceSelectedTiresOnly')}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center' }}>
          {props.positions
            .filter((position) => !position.startsWith('S'))
            .map((position) => (
              <FormControlLabel
                key={position}
                control={<Checkbox size="small" checked={retired.includes(position)} onChange={() => turn(position)} />}
                label={position}
              />
            ))}
          <Button
            variant="outlined"
            sx={{ background: color.sheet }}
            disabled={retired.length === 0 || finding.isPending}
            onClick={() => finding.mutate()}
          >
            {say('findReplacements')}
          </Button>
        </Box>
      </Box>
      {finding.isError && <Alert severity="error">{finding.error.message}</Alert>}
      {found && (
        <Box aria-live="polite" sx={{ display: 'grid', gap: 1, mt: 0.5 }}>
          {!found.best && (
            <div>
              <strong>{say('noEligibleTireInStock', { buy: props.asked.buy })}</strong>
            </div>
          )}
          {found.best && <Pick words={say('best')} pick={found.best} onTake={props.onTake} />}
          {found.runnerUp && <Pick words={say('runnerUp')} pick={found.runnerUp} onTake={props.onTake} />}
          {found.reason && <div>{found.reason}</div>}
          {(found.best === undefined || found.best.order) && (
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              {retired.map((position) => (
                <Button key={position} size="small" onClick={() => setOrdering(position)}>
                  {say('orderSpecification', { position })}
                </Button>
              ))}
            </Box>
          )}
          {found.rejected.length > 0 && (
            <details>
              <summary>{say('notFromStock', { count: found.rejected.length })}</summary>
              <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {found.rejected.map((one) => (
                  <li key={one.tireId}>
                    <strong>{one.tire}</strong>
                    {say('at', { position: one.position, one: one.title, statement: one.statement })}
                  </li>
                ))}
              </Box>
            </details>
          )}
        </Box>
      )}
      {ordering && (
        <OrderSpecification vehicleId={props.vehicleId} position={ordering} onClose={() => setOrdering(undefined)} />
      )}
    </Box>
  )
}

function Pick(props: { words: string; pick: Picked; onTake: (places: Places) => void }) {
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
      <Box sx={{ width: 90, fontWeight: 700 }}>{props.words}</Box>
      <Box sx={{ flex: 1, minWidth: 240 }}>
        {props.pick.fits.map((fit) => (
          <div key={fit.position}>
            {fit.position}: <strong>{fit.tire}</strong>
            {fit.matches.length > 0 && `, ${fit.matches.join(', ')}`}
          </div>
        ))}
      </Box>
      <Button
        size="small"
        variant="outlined"
        sx={{ background: color.sheet }}
        aria-label={say('showThisArrangement', { arrangement: props.words.toLowerCase() })}
        onClick={() => props.onTake(props.pick.arrangement)}
      >
        {say('showThisArrangement2')}
      </Button>
    </Box>
  )
}
