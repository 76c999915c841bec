import Box from '@mui/material/Box'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { ByEar } from '../../ui/ByEar'
import { type ArrangementView, axles, type BenchTire, origin, type Places } from './plan'
import { say } from './words'

interface Shared {
  view: ArrangementView | undefined
  picked: number | undefined
  onPick: (tire: number | undefined) => void
  onPut: (tire: number, to: string) => void
}

/** The axles as they would stand. A tire is picked and put, by mouse, finger or keys; where it may go shows before it is put. */
export function ArrangementBoard(
  props: Shared & { positions: string[]; places: Places; tires: Map<number, BenchTire> },
) {
  const spares = props.positions.filter((place) => place.startsWith('S'))
  const place = (position: string) => <Place key={position} position={position} {...props} />
  return (
    <Box
      component="section"
      aria-label={say('axlesAfterItFrontUp')}
      sx={{ display: 'grid', gap: 1.25, '@media print': { maxWidth: 400 } }}
    >
      {axles(props.positions).map((axle) => (
        <Box
          key={axle.number}
          sx={{
            display: 'flex',
            justifyContent: 'space-between',
            alignItems: 'center',
            position: 'relative',
            '&::before': {
              content: '""',
              position: 'absolute',
              left: 30,
              right: 30,
              top: '50%',
              height: 8,
              background: color.beam,
            },
          }}
        >
          <Box sx={{ display: 'flex', gap: 0.75 }}>{axle.left.map(place)}</Box>
          <Box sx={{ display: 'flex', gap: 0.75 }}>{axle.right.map(place)}</Box>
        </Box>
      ))}
      {spares.length > 0 && (
        <Box sx={{ display: 'flex', gap: 0.75, justifyContent: 'center' }}>{spares.map(place)}</Box>
      )}
    </Box>
  )
}

function Place(props: Shared & { position: string; places: Places; tires: Map<number, BenchTire> }) {
  const { position, view, picked } = props
  const id = props.places[position]
  const tire = id === undefined ? undefined : props.tires.get(id)
  const pick = picked === undefined ? undefined : view?.options.find((one) => one.position === position)
  const broken = view?.violations.filter((one) => one.positions.includes(position)) ?? []
  const mine = picked !== undefined && id === picked && picked > 0
  const target = picked !== undefined && !mine
  const change = tire && origin(tire, position) !== 'stays'
  return (
    <Box
      component="button"
      type="button"
      draggable={tire !== undefined}
      aria-pressed={mine}
      title={target && pick && !pick.allowed ? pick.explanation.join('\n') : undefined}
      onClick={() => {
        if (target) props.onPut(picked, position)
        else props.onPick(mine ? undefined : id)
      }}
      onDragStart={(event) => {
        event.dataTransfer.setData('text/plain', String(id))
        props.onPick(id)
      }}
      onDragEnd={() => props.onPick(undefined)}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        props.onPut(Number(event.dataTransfer.getData('text/plain')), position)
      }}
      sx={{
        position: 'relative',
        zIndex: 1,
        font: 'inherit',
        width: { xs: 'min(92px, calc((100vw - 60px) / 4))', sm: 92 },
        minHeight: 82,
        p: 0.5,
        display: 'grid',
        justifyItems: 'center',
        alignContent: 'start',
        gap: 0.1,
        color: '#fff',
        background: tire ? color.rubber : color.sheet,
        border: '2px solid',
        borderStyle: change ? 'dashed' : 'solid',
        borderColor: change ? color.amber : tire ? color.rubber : color.beam,
        borderRadius: 2,
        cursor: 'pointer',
        outlineOffset: 2,
        ...(mine && { boxShadow: `0 0 0 3px ${color.petrol}` }),
        ...(target && pick?.allowed && { boxShadow: `0 0 0 3px ${color.petrol}` }),
        ...(target && pick && !pick.allowed && { opacity: 0.55 }),
        '&:focus-visible': { outline: `3px solid ${color.petrol}` },
        // Paper has no dark blocks: ink on white, a moved tire by its dashed frame.
        '@media print': { borderColor: '#000', '& *': { color: '#000 !important' } },
      }}
    >
      <Box sx={{ fontWeight: 750, fontSize: 13, color: tire ? '#fff' : color.ink }}>{position}</Box>
      {tire ? (
        <>
          <ByEar>{tire.name}</ByEar>
          <Box sx={{ fontSize: 12.5, fontWeight: 700, color: change ? color.amber : color.tread }}>
            {origin(tire, position)}
          </Box>
          <Box sx={{ fontSize: 12, fontWeight: 650 }}>{tire.depth?.replace(/ in$/, '') ?? say('noDepth')}</Box>
          <Box sx={{ fontSize: 12, color: color.tread }}>
            {tire.age ?? say('noDate')}
            {tire.retread && say('retread')}
          </Box>
        </>
      ) : (
        <Box sx={{ fontSize: 12, color: color.quiet }}>{say('empty')}</Box>
      )}
      {target && pick && (
        <Box sx={{ fontSize: 11.5, fontWeight: 750, color: tire ? '#fff' : color.ink }}>
          {pick.allowed ? '✓ Eligible' : say('notEligible')}
          {!pick.allowed && <ByEar>: {pick.explanation.join('; ')}</ByEar>}
        </Box>
      )}
      {!target && broken.length > 0 && (
        <Box sx={{ position: 'absolute', top: -7, right: -7 }}>
          <VerdictIcon verdict="DO_NOT_OPERATE" size={18} named={false} />
          <ByEar>{broken.map((one) => `${one.title}: ${one.statement}`).join('. ')}</ByEar>
        </Box>
      )}
    </Box>
  )
}

/** Tires that have no place: from stock, to buy, or taken off by this arrangement. */
export function Beside({
  tires,
  picked,
  onPick,
}: {
  tires: BenchTire[]
  picked: number | undefined
  onPick: Shared['onPick']
}) {
  if (tires.length === 0) return null
  return (
    <Box component="section" aria-label={say('tiresBesideTheVehicle')} sx={{ mt: 2 }}>
      <Box component="h3" sx={{ typography: 'h2', m: 0, mb: 0.75 }}>
        {say('availableTires')}
      </Box>
      <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
        {tires.map((tire) => (
          <Box
            key={tire.id}
            component="button"
            type="button"
            draggable
            aria-pressed={picked === tire.id}
            onClick={() => onPick(picked === tire.id ? undefined : tire.id)}
            onDragStart={(event) => {
              event.dataTransfer.setData('text/plain', String(tire.id))
              onPick(tire.id)
            }}
            onDragEnd={() => onPick(undefined)}
            sx={{
              font: 'inherit',
              fontSize: 12.5,
              textAlign: 'left',
              minHeight: 44,
              px: 1,
              py: 0.5,
              background: color.sheet,
              color: color.ink,
              border: '2px solid',
              borderColor: picked === tire.id ? color.petrol : color.hairline,
              borderRadius: 1,
              cursor: 'pointer',
              '&:focus-visible': { outline: `3px solid ${color.petrol}`, outlineOffset: 2 },
            }}
          >
            <strong>{tire.name}</strong>
            {tire.retread && say('retread')}
            {tire.source === 'ON_VEHICLE' && say('off', { tire: tire.at })}
            <ByEar>
              {tire.source !== 'ON_VEHICLE' && `, ${origin(tire, '')}`}. {tire.model}. {!tire.depth && say('noDepth2')}
              {!tire.age && say('noDate2')}
            </ByEar>
            <br />
            {[tire.depth, tire.age, tire.source === 'TO_BUY' ? tire.price : tire.where].filter(Boolean).join(' · ')}
          </Box>
        ))}
      </Box>
    </Box>
  )
}
