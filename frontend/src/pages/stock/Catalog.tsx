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
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { type Column, Records } from '../../ui/Records'
import { money } from '../../units/format'

type Model = Schemas['TireModelView']

const fact = (model: Model, what: string) => model.facts.find((one) => one.name === what)?.value
/** The first figure of a value with its unit, for its order. */
const figure = (value: string | undefined) => {
  const first = /[\d.,]+/.exec(value ?? '')
  return first ? Number.parseFloat(first[0].replaceAll(',', '')) : undefined
}
const ofFact = (what: string, unknown: string): Pick<Column<Model>, 'by' | 'cell'> => ({
  by: (model) => figure(fact(model, what)),
  cell: (model) => fact(model, what) ?? unknown,
})

const COLUMNS: Column<Model>[] = [
  {
    key: 'sidewall',
    head: 'Sidewall',
    sx: { whiteSpace: 'nowrap' },
    by: (model) => model.sidewall,
    cell: (model) => model.sidewall,
  },
  {
    key: 'load',
    head: 'Carries single · dual',
    sx: { whiteSpace: 'nowrap' },
    by: (model) => figure(fact(model, 'Maximum load')),
    cell: (model) => `${fact(model, 'Maximum load') ?? 'not read'} · ${fact(model, '… as one of a dual') ?? '–'}`,
  },
  { key: 'molded', head: 'Molded pressure', ...ofFact('Molded pressure', 'not read') },
  { key: 'diameter', head: 'New diameter', ...ofFact('Overall diameter new', 'ask the manufacturer') },
  { key: 'tread', head: 'New tread', ...ofFact('Original tread depth', 'not read') },
  {
    key: 'price',
    head: 'Price',
    by: (model) => figure(model.form.price),
    cell: (model) => model.form.price && money(model.form.price),
  },
  { key: 'tires', head: 'On file', by: (model) => model.tires, cell: (model) => model.tires },
]

/** The models on file: what is the same on every tire of a kind is read once. */
export function Catalog() {
  const [units] = useUnits()
  const models = useQuery(modelsQuery(units))
  const [open, setOpen] = useState<Schemas['TireModelView'] | 'new' | null>(null)
  const may = useMay('COORDINATOR')
  if (models.isPending) return <LoadingLines lines={8} />
  if (models.isError) return <LoadProblem error={models.error} again={() => models.refetch()} />
  const columns: Column<Model>[] = [
    {
      key: 'model',
      head: 'Model',
      stays: true,
      by: (model) => model.title,
      cell: (model) => (
        <>
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
        </>
      ),
    },
    ...COLUMNS,
  ]
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
      {models.data.length === 0 ? (
        <p>No model is on file yet. Read one off a sidewall.</p>
      ) : (
        <Records
          name="catalog"
          label="Tire models"
          rows={models.data}
          columns={columns}
          keyOf={(model) => model.id}
          words={(model) => `${model.title} ${model.sidewall}`}
          height={40}
          none="No matching tire models."
        />
      )}
      {open && <ModelDialog model={open === 'new' ? undefined : open} onClose={() => setOpen(null)} />}
    </Page>
  )
}
