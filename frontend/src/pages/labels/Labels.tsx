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
                vehicle.placardLocation ? `Placard: ${vehicle.placardLocation}` : '',
              ],
            },
            ...vehicle.positions
              .filter((row) => row.tireId !== undefined)
              .map((row) => ({
                key: `t${row.tireId}`,
                code: labelCode('tire', row.tireId ?? 0),
                title: row.number ?? `Tire ${row.tireId}`,
                lines: [row.tire ?? '', row.size ?? '', row.dot ? `DOT ${row.dot}` : 'DOT not read'],
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
              title: tire.number ?? `Tire ${tire.id}`,
              lines: [tire.model, tire.sidewall, tire.dot ? `DOT ${tire.dot}` : 'DOT not read'],
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
          <Title>Labels</Title>Labels
        </span>
      }
      about={<span className="not-printed">Scan a label to open its vehicle or tire page on a phone.</span>}
      actions={
        tags.length > 0 && (
          <Button variant="contained" onClick={() => window.print()}>
            Print {tags.length} tags
          </Button>
        )
      }
    >
      <Box className="not-printed" sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <Choice
          label="Add a vehicle and its tires"
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
          label="Add a whole yard"
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
          label="Address phones reach this server at"
          value={address}
          onChange={setAddress}
          hint={local ? 'This address works on this machine only.' : undefined}
          width={340}
        />
        {tags.length > 0 && <Button onClick={() => setSearch({})}>Start over</Button>}
      </Box>
      {tags.length === 0 && <p className="not-printed">Choose a vehicle to see its tags and those of its tires.</p>}
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
              alt={`Code that opens ${tag.title}`}
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
