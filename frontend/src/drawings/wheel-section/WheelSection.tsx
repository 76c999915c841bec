import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { Drawing } from '../Drawing'
import { BEAD, disc, HEIGHT, rim, TABLE, tire, WIDTH } from './geometry'
import { say } from './words'

type Section = Schemas['WheelSectionView']

/** The wheel as it lies at the tire changer, from the side: which side is up, what holds it, where the bead goes. */
export function WheelSection({ section }: { section: Section }) {
  const faceUp = section.isFaceUp ?? true
  const atHead = section.head !== undefined
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
      <Box sx={{ width: '100%', maxWidth: WIDTH }}>
        <Drawing width={WIDTH} height={HEIGHT} label={section.statement}>
          <g transform={`translate(${WIDTH / 2} 6)`}>
            <line x1={-190} x2={190} y1={TABLE} y2={TABLE} stroke={color.frame} strokeWidth={3} />
            <path
              d={tire(1, atHead ? [...BEAD.overHead] : [...BEAD.seat])}
              fill="none"
              stroke={color.rubber}
              strokeWidth={11}
            />
            <path
              d={tire(-1, section.isBeadInDropCenter ? [...BEAD.dropCenter] : [...BEAD.seat])}
              fill="none"
              stroke={color.rubber}
              strokeWidth={11}
            />
            <path d={rim(1)} fill="none" stroke={color.beam} strokeWidth={5} strokeLinejoin="round" />
            <path d={rim(-1)} fill="none" stroke={color.beam} strokeWidth={5} strokeLinejoin="round" />
            {section.isFaceUp !== undefined && (
              <g stroke={color.beam} strokeWidth={5}>
                <line x1={-66} x2={-18} y1={disc(faceUp)} y2={disc(faceUp)} />
                <line x1={18} x2={66} y1={disc(faceUp)} y2={disc(faceUp)} />
              </g>
            )}
            <DropCenter faceUp={faceUp} />
            <Hold hold={section.hold} faceUp={faceUp} />
            {section.head && (
              <g>
                <rect x={98} y={24} width={14} height={22} rx={3} fill={color.amber} stroke={color.ink} />
                <text x={105} y={16} textAnchor="middle" fill={color.ink}>
                  {section.head}
                </text>
              </g>
            )}
            {section.isPressArm && (
              <g>
                <path
                  d="M -112 22 L -112 62 M -119 53 L -112 62 L -105 53"
                  fill="none"
                  stroke={color.petrol}
                  strokeWidth={4}
                />
                <text x={-112} y={16} textAnchor="middle" fill={color.ink}>
                  {say('pressArm')}
                </text>
              </g>
            )}
            <text x={0} y={16} textAnchor="middle" fontWeight={700} fill={color.ink}>
              {section.isFaceUp === undefined ? say('narrowSideUp') : faceUp ? say('faceUp') : say('faceDown')}
            </text>
            {section.blast && <Blast fromJaws={section.blast.includes('jaws')} words={section.blast} />}
          </g>
        </Drawing>
      </Box>
      {section.release.length > 0 && (
        <Box sx={{ flex: 1, minWidth: 180 }}>
          <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
            {say('offTheMachine')}
          </Box>
          <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
            {section.release.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  )
}

/** Its name stands where the disc isn't. */
function DropCenter({ faceUp }: { faceUp: boolean }) {
  const y = faceUp ? 112 : 98
  return (
    <g>
      <path d={`M -62 88 L -46 ${y - 11} M 62 88 L -14 ${y - 11}`} stroke={color.quiet} strokeWidth={1} fill="none" />
      <text x={-34} y={y} textAnchor="middle" fill={color.ink}>
        <tspan x={-34}>{say('drop')}</tspan>
        <tspan x={-34} dy="1.1em">
          {say('center')}
        </tspan>
      </text>
    </g>
  )
}

function Hold({ hold, faceUp }: { hold: Section['hold']; faceUp: boolean }) {
  if (hold === 'JAWS_OUTSIDE')
    return (
      <g>
        {[-1, 1].map((side) => (
          <path
            key={side}
            d={`M ${side * 98} 134 L ${side * 112} 140 L ${side * 112} ${TABLE} L ${side * 98} ${TABLE} Z`}
            fill={color.petrol}
          />
        ))}
        <text x={0} y={TABLE + 17} textAnchor="middle" fill={color.ink}>
          {say('jawsFromOutsideCovers')}
        </text>
      </g>
    )
  if (hold === 'CENTER_CONE') {
    const y = disc(faceUp)
    return (
      <g>
        <rect x={-4} y={y - 26} width={8} height={TABLE - y + 26} fill={color.petrol} />
        <path d={`M -20 ${y - 4} L 20 ${y - 4} L 10 ${y - 22} L -10 ${y - 22} Z`} fill={color.petrol} />
        <text x={0} y={TABLE + 17} textAnchor="middle" fill={color.ink}>
          {say('coneAndShaft')}
        </text>
      </g>
    )
  }
  if (hold === 'FREE')
    return (
      <text x={0} y={TABLE + 17} textAnchor="middle" fill={color.ink}>
        {say('restingFreeNotClamped')}
      </text>
    )
  return null
}

function Blast({ fromJaws, words }: { fromJaws: boolean; words: string }) {
  return (
    <g>
      <path
        d={
          fromJaws
            ? 'M 106 150 L 94 134 M 94 144 L 94 134 L 103 138 M -106 150 L -94 134 M -94 144 L -94 134 L -103 138'
            : 'M 130 34 L 98 56 M 108 55 L 98 56 L 102 47'
        }
        fill="none"
        stroke={color.stop}
        strokeWidth={2.5}
      />
      <text x={134} y={fromJaws ? 30 : 32} textAnchor="middle" fill={color.ink}>
        {words}
      </text>
    </g>
  )
}
