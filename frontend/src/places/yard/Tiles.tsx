import Box from '@mui/material/Box'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { colour } from '../../app/theme'
import { SmallAxlePlan } from '../../drawings/axle-plan/AxlePlan'
import { StateGlyph } from '../../drawings/state/StateGlyph'
import { STATES } from '../../drawings/state/states'
import { More } from '../../ui/More'
import { day, many } from '../../units/format'

type Tile = Schemas['VehicleTile']

/** Vehicles in groups, each a link to its page; those of a large fleet come as one scrolls. */
export function Tiles(props: {
  tiles: Tile[]
  groups: Schemas['YardGroup'][]
  today: string
  groupBy: 'yard' | 'class'
  more: (() => void) | undefined
}) {
  const group = (tile: Tile) => (props.groupBy === 'yard' ? tile.yard : tile.vehicleClass)
  return (
    <Box component="section" aria-label="Vehicles" sx={{ p: 2.5, pt: 2 }}>
      {props.groups.length === 0 && <p>No vehicle fits these filters. Clear one of them.</p>}
      {props.groups.map(({ name, vehicles }) => {
        const members = props.tiles.filter((tile) => group(tile) === name)
        if (members.length === 0) return null
        return (
          <Box key={name} component="section" aria-label={name} sx={{ mb: 2 }}>
            <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
              {name}{' '}
              <Box component="span" sx={{ fontWeight: 450 }}>
                · {many(vehicles, 'vehicle', 'vehicles')}
              </Box>
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(120px, 1fr))', gap: 1 }}>
              {members.map((tile) => (
                <VehicleTile key={tile.id} tile={tile} today={props.today} />
              ))}
            </Box>
          </Box>
        )
      })}
      <More what="vehicles" more={props.more} />
    </Box>
  )
}

function VehicleTile({ tile, today }: { tile: Tile; today: string }) {
  const next = tile.nextDue
  const due = next === undefined ? '' : next <= today ? 'now' : day(next, today)
  const state = STATES[tile.verdict]
  const stopped = tile.verdict === 'DO_NOT_OPERATE'
  return (
    <Box
      component={Link}
      to={`/vehicles/${tile.id}`}
      sx={{
        background: colour.sheet,
        border: '1px solid',
        borderColor: stopped ? state.colour : 'divider',
        boxShadow: stopped ? `inset 0 0 0 1px ${state.colour}` : 'none',
        borderRadius: 1,
        color: 'text.primary',
        textDecoration: 'none',
        px: 1,
        pt: 0.75,
        pb: 1,
        display: 'flex',
        flexDirection: 'column',
        alignItems: 'center',
        '&:hover': { background: colour.chalk },
        // Thousands of plans stay in the page; the browser draws those in sight.
        contentVisibility: 'auto',
        containIntrinsicSize: 'auto 150px',
      }}
    >
      <Box sx={{ display: 'flex', width: '100%', alignItems: 'center', gap: 0.6, fontSize: 13 }}>
        <StateGlyph verdict={tile.verdict} size={13} />
        <Box component="span" sx={{ fontWeight: 700, fontStretch: '105%' }}>
          {tile.unit}
        </Box>
        <Box component="span" sx={{ ml: 'auto', fontSize: 11.5, color: 'text.secondary', whiteSpace: 'nowrap' }}>
          {due}
        </Box>
      </Box>
      <SmallAxlePlan plan={tile.plan} label={spoken(tile)} />
    </Box>
  )
}

function spoken(tile: Tile): string {
  const wrong = tile.plan.tires.filter((tire) => tire.verdict !== 'FIT')
  if (wrong.length === 0) return `${tile.description}, all tires fit`
  return `${tile.description}. ${wrong.map((tire) => `${tire.position} ${STATES[tire.verdict].word}`).join(', ')}`
}
