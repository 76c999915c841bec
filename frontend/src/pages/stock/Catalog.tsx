import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { modelsQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { ModelDialog } from '../../entry/ModelDialog'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'

/** The models on file: what is the same on every tire of a kind is read once. */
export function Catalog() {
  const [units] = useUnits()
  const models = useQuery(modelsQuery(units))
  const [open, setOpen] = useState<Schemas['TireModelView'] | 'new' | null>(null)
  const [text, setText] = useState('')
  const may = useMay('COORDINATOR')
  if (models.isPending) return <LoadingLines lines={8} />
  if (models.isError) return <LoadProblem error={models.error} again={() => models.refetch()} />
  const shown = models.data.filter((one) =>
    `${one.title} ${one.sidewall}`.toLowerCase().includes(text.trim().toLowerCase()),
  )
  const fact = (model: Schemas['TireModelView'], what: string) => model.facts.find((one) => one.name === what)?.value
  return (
    <Page
      title="Catalog"
      about={`${models.data.length} tire models`}
      actions={
        may && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            Add tire model…
          </Button>
        )
      }
    >
      <Box sx={{ mb: 1.5 }}>
        <Entry label="Find" value={text} onChange={setText} width={240} />
      </Box>
      {models.data.length === 0 && <p>No model is on file yet. Read one off a sidewall.</p>}
      <Table
        label="Tire models"
        heads={[
          'Model',
          'Sidewall',
          'Carries single · dual',
          'Molded pressure',
          'New diameter',
          'New tread',
          'Price',
          'On file',
        ]}
      >
        {shown.map((model) => (
          <tr key={model.id}>
            <td>
              <Button size="small" sx={{ p: 0, textAlign: 'left', minHeight: 24 }} onClick={() => setOpen(model)}>
                {model.title}
              </Button>
              {!model.form.isSteerAllowed && <Box sx={{ color: 'text.secondary' }}>not on steer</Box>}
              {model.form.isDirectional && <Box sx={{ color: 'text.secondary' }}>directional</Box>}
              {model.disagreements.map((one) => (
                <Box key={one} sx={{ color: color.watch }}>
                  {one}
                </Box>
              ))}
            </td>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              {model.sidewall}
            </Box>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              {fact(model, 'Maximum load') ?? 'not read'} · {fact(model, '… as one of a dual') ?? '–'}
            </Box>
            <td>{fact(model, 'Molded pressure') ?? 'not read'}</td>
            <td>{fact(model, 'Overall diameter new') ?? 'ask the manufacturer'}</td>
            <td>{fact(model, 'Original tread depth') ?? 'not read'}</td>
            <td>{model.form.price && `$${model.form.price}`}</td>
            <td>{model.tires}</td>
          </tr>
        ))}
      </Table>
      {open && <ModelDialog model={open === 'new' ? undefined : open} onClose={() => setOpen(null)} />}
    </Page>
  )
}
