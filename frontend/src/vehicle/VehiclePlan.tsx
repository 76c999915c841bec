import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import useMediaQuery from '@mui/material/useMediaQuery'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { color } from '../base/theme'
import { AxleDiagram, type Overlay } from '../drawings/axle-diagram/AxleDiagram'
import { PlanStrip } from '../drawings/axle-diagram/PlanStrip'
import { say } from './words'

type Shown = 'whole' | 'strip' | 'hidden'

interface Props {
  vehicle: Schemas['VehicleView']
  picked: string | undefined
  pick: (position: string) => void
  /** Whether the drawing with its overlays is the page's matter: there it stands whole on a desk. */
  isMatter: boolean
}

/**
 * The plan of the vehicle beside its pages: whole where tread, pressure or age is what the page is about, else a strip; on a phone
 * a strip that folds away.
 */
export function VehiclePlan({ vehicle, picked, pick, isMatter }: Props) {
  const phone = useMediaQuery('(max-width: 899px)')
  const [overlays, setOverlays] = useState<Overlay[]>(['tread', 'pressure', 'age'])
  const [chosen, setChosen] = useState<Shown>()
  const usual: Shown = phone ? (isMatter ? 'strip' : 'hidden') : isMatter ? 'whole' : 'strip'
  const shown = chosen ?? usual
  const ways: [Shown, string][] = phone
    ? [
        ['hidden', say('hide')],
        ['strip', say('strip')],
        ['whole', say('whole')],
      ]
    : [
        ['strip', say('strip')],
        ['whole', say('whole')],
      ]
  return (
    <Box
      component="section"
      className="not-printed"
      aria-label={say('axleDiagram')}
      sx={{
        borderRight: { md: 1 },
        borderBottom: { xs: 1, md: 0 },
        '&&': { borderColor: color.hairline },
        p: { xs: 0.5, md: 1.5 },
        width: { md: shown === 'whole' ? 428 : 304 },
        display: 'flex',
        flexDirection: 'column',
        alignItems: 'center',
        gap: { xs: 0, md: 1 },
      }}
    >
      {phone && (
        <Box sx={{ display: 'flex', width: '100%', alignItems: 'center', minHeight: 44, px: 1 }}>
          <strong>{say('axleDiagram')}</strong>
          <Box sx={{ ml: 'auto', display: 'flex' }}>
            {ways
              .filter(([way]) => way !== shown)
              .map(([way, word]) => (
                <Button key={way} onClick={() => setChosen(way)} sx={{ minHeight: 44 }}>
                  {word}
                </Button>
              ))}
          </Box>
        </Box>
      )}
      {shown === 'strip' && <PlanStrip plan={vehicle.axleDiagram} picked={picked} onPick={pick} />}
      {shown === 'whole' && (
        <>
          <AxleDiagram plan={vehicle.axleDiagram} overlays={overlays} picked={picked} onPick={pick} />
          <ToggleButtonGroup
            size="small"
            value={overlays}
            onChange={(_, next: Overlay[]) => setOverlays(next)}
            aria-label={say('show')}
            sx={{ background: color.sheet, mt: 1 }}
          >
            <ToggleButton value="tread">{say('tread')}</ToggleButton>
            <ToggleButton value="pressure">{say('pressure')}</ToggleButton>
            <ToggleButton value="age">{say('age')}</ToggleButton>
          </ToggleButtonGroup>
          <PlanKey overlays={overlays} />
        </>
      )}
      {!phone && (
        <Button size="small" onClick={() => setChosen(shown === 'whole' ? 'strip' : 'whole')}>
          {shown === 'whole' ? say('foldTheDiagram') : say('wholeDiagram')}
        </Button>
      )}
      {vehicle.placardLocation && shown !== 'hidden' && (!phone || shown === 'whole') && (
        <Box sx={{ fontSize: 12.5 }}>
          <strong>{say('placard')}</strong> {vehicle.placardLocation}
        </Box>
      )}
    </Box>
  )
}

/** What the marks of the chosen overlays mean. */
function PlanKey({ overlays }: { overlays: Overlay[] }) {
  const keys = [
    overlays.includes('tread') && say('barsTreadDepth'),
    overlays.includes('pressure') && say('barColdPressureLongNotch'),
    overlays.includes('age') && say('ticksYearsSinceTheDot'),
  ].filter(Boolean)
  if (keys.length === 0) return null
  return <Box sx={{ fontSize: 12, color: color.quiet, textAlign: 'center', maxWidth: 380 }}>{keys.join(' ')}</Box>
}
