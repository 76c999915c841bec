import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { stockQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { useMay } from '../../session/session'
import { InstallDialog, type TireHere } from '../../tire/InstallDialog'
import { LoadingLines } from '../../ui/Loading'
import { OrderSpecification } from '../OrderSpecification'
import { say } from './words'

/** What can be done at a picked position: look at its tire, fit one where none is, see what to order. */
export function TireActions({ vehicleId, row }: { vehicleId: number; row: Schemas['PositionRow'] }) {
  const [ordering, setOrdering] = useState(false)
  const [choosing, setChoosing] = useState(false)
  const [fitting, setFitting] = useState<TireHere | null>(null)
  const may = useMay('TECHNICIAN')
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1.5 }}>
      {row.tireId !== undefined && (
        <Button variant="outlined" size="small" component={Link} to={`/tires/${row.tireId}`}>
          {say('tireHistoryTakeOffMove', { number: row.number ?? row.tireId })}
        </Button>
      )}
      {row.tireId === undefined && may && (
        <Button variant="contained" size="small" onClick={() => setChoosing(true)}>
          {say('installTireFromStock')}
        </Button>
      )}
      <Button variant="outlined" size="small" onClick={() => setOrdering(true)}>
        {say('orderSpecification')}
      </Button>
      {ordering && (
        <OrderSpecification vehicleId={vehicleId} position={row.position} onClose={() => setOrdering(false)} />
      )}
      {choosing && !fitting && <FromStock onChoose={setFitting} onClose={() => setChoosing(false)} />}
      {fitting && (
        <InstallDialog
          tire={fitting}
          goal={{ vehicleId, position: row.position }}
          onClose={() => {
            setFitting(null)
            setChoosing(false)
          }}
        />
      )}
    </Box>
  )
}

function FromStock({ onChoose, onClose }: { onChoose: (tire: TireHere) => void; onClose: () => void }) {
  const [units] = useUnits()
  const stock = useQuery(stockQuery(units, false))
  const ready = (stock.data ?? []).filter((row) => row.state === 'IN_STOCK' || row.state === 'RETREAD_CANDIDATE')
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="from-stock">
      <DialogTitle id="from-stock">{say('tiresInStockOldestFirst')}</DialogTitle>
      <DialogContent dividers>
        {stock.isPending && <LoadingLines />}
        {stock.data && ready.length === 0 && <p>{say('noTireIsInStock')}</p>}
        {ready.map((row) => (
          <Button
            key={row.tireId}
            fullWidth
            variant="outlined"
            sx={{ justifyContent: 'flex-start', mb: 1, textAlign: 'left' }}
            onClick={() =>
              onChoose({ id: row.tireId, model: row.model, ...(row.number !== undefined && { number: row.number }) })
            }
          >
            <span>
              {row.number ?? say('tire2', { tireId: row.tireId })} · {row.model} {row.sidewall}
              <Box component="span" sx={{ display: 'block', fontWeight: 400, color: 'text.secondary' }}>
                {say('dot', {
                  dot: row.dot ?? say('notRead'),
                  ageYears: row.ageYears === undefined ? say('ageNotKnown') : `${row.ageYears.toFixed(1)} y`,
                  depth: row.depth ?? say('depthNotMeasured'),
                  yard: row.yard,
                  shelf: row.shelf,
                })}
              </Box>
            </span>
          </Button>
        ))}
      </DialogContent>
    </Dialog>
  )
}
