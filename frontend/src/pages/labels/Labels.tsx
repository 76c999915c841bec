import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQueries, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { fleetQuery, tireQuery, vehicleQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color, mono } from '../../base/theme'
import { Choice, Entry } from '../../ui/Entry'
import { Page } from '../../ui/Page'
import { Title } from '../../ui/Title'
import { labelCode } from '../scan/label'
import { say } from './words'

interface Tag {
  key: string
  code: string
  title: string
  lines: string[]
}

const ids = (text: string | null) =>
  (text ?? '')
    .split(',')
    .map(Number)
    .filter((id) => id > 0)

/** Labels to print: the QR code of a vehicle or tire opens its page on a phone. */
export function Labels() {
  const [search, setSearch] = useSearchParams()
  const [units] = useUnits()
  const [address, setAddress] = useState(globalThis.location.origin)
  const fleet = useQuery(fleetQuery)
  const vehicleIds = ids(search.get('vehicles'))
  const tireIds = ids(search.get('tires'))
  const vehicles = useQueries({ queries: vehicleIds.map((id) => vehicleQuery(id, units)) })
  const tires = useQueries({ queries: tireIds.map((id) => tireQuery(id, units)) })
  const tags: Tag[] = [
    ...vehicles.flatMap(({ data: vehicle }) =>
      vehicle
        ? [
            {
              key: `v${vehicle.id}`,
              code: labelCode('vehicle', vehicle.id),
              title: vehicle.unit,
              lines: [
                vehicle.description,
                vehicle.yard,
                vehicle.placardLocation ? say('placard', { placardLocation: vehicle.placardLocation }) : '',
              ],
            },
            ...vehicle.positions
              .filter((row) => row.tireId !== undefined)
              .map((row) => ({
                key: `t${row.tireId}`,
                code: labelCode('tire', row.tireId ?? 0),
                title: row.number ?? say('tire', { tireId: row.tireId }),
                lines: [row.tire ?? '', row.size ?? '', row.dot ? `DOT ${row.dot}` : say('dotNotRead')],
              })),
          ]
        : [],
    ),
    ...tires.flatMap(({ data: tire }) =>
      tire
        ? [
            {
              key: `t${tire.id}`,
              code: labelCode('tire', tire.id),
              title: tire.number ?? say('tire2', { id: tire.id }),
              lines: [tire.model, tire.sidewall, tire.dot ? `DOT ${tire.dot}` : say('dotNotRead')],
            },
          ]
        : [],
    ),
  ]
  const local = /localhost|127\.0\.0\.1/.test(address)
  return (
    <Page
      title={
        <span className="not-printed">
          <Title>{say('labels')}</Title>
          {say('labels')}
        </span>
      }
      about={<span className="not-printed">{say('scanALabelToOpen')}</span>}
      actions={
        tags.length > 0 && (
          <Button variant="contained" onClick={() => window.print()}>
            {say('printTags', { count: tags.length })}
          </Button>
        )
      }
    >
      <Box className="not-printed" sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <Choice
          label={say('addAVehicle')}
          value=""
          options={(fleet.data ?? []).map((one) => [String(one.id), one.unit] as const)}
          onChange={(id) =>
            setSearch({
              vehicles: [...new Set([...vehicleIds, Number(id)])].join(','),
              ...(tireIds.length > 0 && { tires: tireIds.join(',') }),
            })
          }
          width={260}
        />
        <Choice
          label={say('addAWholeYard')}
          value=""
          options={[...new Set((fleet.data ?? []).map((one) => one.yard))].sort().map((yard) => [yard, yard] as const)}
          onChange={(yard) =>
            setSearch({
              vehicles: [
                ...new Set([
                  ...vehicleIds,
                  ...(fleet.data ?? []).filter((one) => one.yard === yard).map((one) => one.id),
                ]),
              ].join(','),
              ...(tireIds.length > 0 && { tires: tireIds.join(',') }),
            })
          }
          width={220}
        />
        <Entry
          label={say('addressPhonesReachThisServer')}
          value={address}
          onChange={setAddress}
          hint={local ? say('thisAddressWorks') : undefined}
          width={340}
        />
        {tags.length > 0 && <Button onClick={() => setSearch({})}>{say('startOver')}</Button>}
      </Box>
      {tags.length === 0 && <p className="not-printed">{say('chooseAVehicleToSee')}</p>}
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(270px, 1fr))', gap: 1.5 }}>
        {tags.map((tag) => (
          <Box
            key={tag.key}
            sx={{
              border: `1px dashed ${color.beam}`,
              background: color.sheet,
              p: 1.25,
              display: 'flex',
              gap: 1.5,
              breakInside: 'avoid',
            }}
          >
            <img
              src={`/api/qr?address=${encodeURIComponent(address)}&path=${encodeURIComponent(`/s/${tag.code}`)}`}
              width={112}
              height={112}
              alt={say('codeThatOpens', { tag: tag.title })}
            />
            <Box sx={{ minWidth: 0 }}>
              <Box sx={{ fontSize: 20, fontWeight: 750 }}>{tag.title}</Box>
              <Box sx={{ fontFamily: mono, fontSize: 12.5 }}>{tag.code}</Box>
              {tag.lines.filter(Boolean).map((line) => (
                <Box key={line} sx={{ fontSize: 12.5, ...(line.startsWith('DOT') && { fontFamily: mono }) }}>
                  {line}
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Page>
  )
}
