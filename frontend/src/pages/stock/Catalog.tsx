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
import { say } from './words'

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
    head: say('sidewall'),
    sx: { whiteSpace: 'nowrap' },
    by: (model) => model.sidewall,
    cell: (model) => model.sidewall,
  },
  {
    key: 'load',
    head: say('carriesSingleDual'),
    sx: { whiteSpace: 'nowrap' },
    by: (model) => figure(fact(model, say('maximumLoad'))),
    cell: (model) =>
      `${fact(model, say('maximumLoad')) ?? say('notRead')} · ${fact(model, say('asOneOfADual')) ?? '–'}`,
  },
  { key: 'molded', head: say('moldedPressure'), ...ofFact(say('moldedPressure'), say('notRead')) },
  { key: 'diameter', head: say('newDiameter'), ...ofFact(say('overallDiameterNew'), say('askTheManufacturer')) },
  { key: 'tread', head: say('newTread'), ...ofFact(say('originalTreadDepth'), say('notRead')) },
  {
    key: 'price',
    head: say('price'),
    by: (model) => figure(model.form.price),
    cell: (model) => model.form.price && money(model.form.price),
  },
  { key: 'tires', head: say('onFile'), by: (model) => model.tires, cell: (model) => model.tires },
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
      head: say('model'),
      stays: true,
      by: (model) => model.title,
      cell: (model) => (
        <>
          <Button size="small" sx={{ p: 0, textAlign: 'left', minHeight: 24 }} onClick={() => setOpen(model)}>
            {model.title}
          </Button>
          {!model.form.isSteerAllowed && <Box sx={{ color: 'text.secondary' }}>{say('notOnSteer')}</Box>}
          {model.form.isDirectional && <Box sx={{ color: 'text.secondary' }}>{say('directional')}</Box>}
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
      title={say('catalog')}
      about={say('tireModels', { count: models.data.length })}
      actions={
        may && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            {say('addTireModel')}
          </Button>
        )
      }
    >
      {models.data.length === 0 ? (
        <p>{say('noModelIsOnFile')}</p>
      ) : (
        <Records
          name="catalog"
          label={say('tireModels2')}
          rows={models.data}
          columns={columns}
          keyOf={(model) => model.id}
          words={(model) => `${model.title} ${model.sidewall}`}
          height={40}
          none={say('noMatchingTireModels')}
        />
      )}
      {open && <ModelDialog model={open === 'new' ? undefined : open} onClose={() => setOpen(null)} />}
    </Page>
  )
}
