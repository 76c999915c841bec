import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { memo, useCallback, useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { SmallAxlePlan } from '../../drawings/axle-diagram/AxleDiagram'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { STATES } from '../../drawings/verdict/verdicts'
import { LongList } from '../../ui/LongList'
import { More } from '../../ui/More'
import { day, many } from '../../units/format'
import { say } from './words'

type Tile = Schemas['VehicleTile']

type Row = { group: Schemas['FleetGroup'] } | { tiles: Tile[] }

/** So many tiles stand in the page whole. */
const FEW = 60
const TILE_PX = 120
const GAP_PX = 8

/** Vehicles in groups, each a link to its page; those of a large fleet come as one scrolls. */
export function Tiles(props: {
  tiles: Tile[]
  groups: Schemas['FleetGroup'][]
  today: string
  groupBy: 'yard' | 'class'
  onGroupBy: (by: 'yard' | 'class') => void
  more: (() => void) | undefined
}) {
  const { columns, box } = useColumns()
  const groupOf = (tile: Tile) => (props.groupBy === 'yard' ? tile.yard : tile.vehicleClass)
  const rows: Row[] = props.groups.flatMap((group) => {
    const members = props.tiles.filter((tile) => groupOf(tile) === group.name)
    return members.length === 0 || columns === 0 ? [] : [{ group }, ...inRows(members, columns)]
  })
  return (
    <Box
      component="section"
      aria-label={say('vehicles')}
      sx={{ p: { xs: 1.5, sm: 2.5 }, pt: { xs: 1, sm: 1 }, position: 'relative', ...look }}
    >
      <Button
        size="small"
        onClick={() => props.onGroupBy(props.groupBy === 'yard' ? 'class' : 'yard')}
        sx={{ position: 'absolute', right: 20, top: 8, minHeight: { xs: 44, sm: 28 } }}
      >
        {say('groupByClass', { isYard: props.groupBy === 'yard' })}
      </Button>
      {props.groups.length === 0 && <p>{say('noVehiclesMatchTheseFilters')}</p>}
      <div ref={box}>
        <LongList
          of={rows}
          keyOf={(row) => ('group' in row ? row.group.name : (row.tiles[0]?.id ?? 0))}
          as="div"
          height={160}
          whole={props.tiles.length <= FEW}
          row={(row, place) =>
            'group' in row ? (
              <h2 {...place}>
                {row.group.name} <span>· {many(row.group.vehicles, 'vehicle', 'vehicles')}</span>
              </h2>
            ) : (
              <div {...place} className="row" style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}>
                {row.tiles.map((tile) => (
                  <VehicleTile key={tile.id} tile={tile} today={props.today} />
                ))}
              </div>
            )
          }
        />
      </div>
      <More what={say('vehicles2')} more={props.more} />
    </Box>
  )
}

const inRows = (tiles: Tile[], columns: number): Row[] =>
  Array.from({ length: Math.ceil(tiles.length / columns) }, (_, at) => ({
    tiles: tiles.slice(at * columns, (at + 1) * columns),
  }))

/** As many tiles side by side as there is room for; none before the room is known. */
function useColumns() {
  const [columns, setColumns] = useState(0)
  const box = useCallback((element: HTMLElement | null) => {
    if (!element) return
    const count = () => setColumns(Math.max(1, Math.floor((element.clientWidth + GAP_PX) / (TILE_PX + GAP_PX))))
    count()
    const watch = new ResizeObserver(count)
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  return { columns, box }
}

const VehicleTile = memo(function VehicleTile({ tile, today }: { tile: Tile; today: string }) {
  const next = tile.nextDue
  const due = next === undefined ? '' : next <= today ? 'now' : day(next, today)
  return (
    <Link to={`/vehicles/${tile.id}`} className={tile.verdict === 'DO_NOT_OPERATE' ? 'tile stopped' : 'tile'}>
      <span className="head">
        <VerdictIcon verdict={tile.verdict} size={13} />
        <strong>{tile.unit}</strong>
        <span className="due">{due}</span>
      </span>
      <SmallAxlePlan plan={tile.axleDiagram} label={spoken(tile)} />
    </Link>
  )
})

/** How the tiles look, said once on what holds them: thousands pass by, and none works out its own. */
const look = {
  '& h2': { typography: 'h2', m: 0, padding: '8px 0' },
  '& h2 span': { fontWeight: 450 },
  '& .row': { display: 'grid', gap: `${GAP_PX}px`, paddingBottom: `${GAP_PX}px` },
  '& .tile': {
    background: color.sheet,
    border: `1px solid ${color.hairline}`,
    borderRadius: '4px',
    color: color.ink,
    textDecoration: 'none',
    padding: '6px 8px 8px',
    display: 'flex',
    flexDirection: 'column',
    alignItems: 'center',
    '&:hover': { background: color.chalk },
  },
  '& .tile.stopped': { borderColor: color.stop, boxShadow: `inset 0 0 0 1px ${color.stop}` },
  '& .head': { display: 'flex', width: '100%', alignItems: 'center', gap: '5px', fontSize: 13 },
  '& .head strong': { fontWeight: 700, fontStretch: '105%' },
  '& .due': { marginLeft: 'auto', fontSize: 12, color: color.quiet, whiteSpace: 'nowrap' },
} as const

function spoken(tile: Tile): string {
  const wrong = tile.axleDiagram.tires.filter((tire) => tire.verdict !== 'GOOD')
  if (wrong.length === 0) return say('allTiresGood', { tile: tile.description })
  return `${tile.description}. ${wrong.map((tire) => `${tire.position} ${STATES[tire.verdict].word}`).join(', ')}`
}
