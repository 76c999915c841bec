import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { Table } from './Table'
import { say } from './words'

/** A chart under its heading, and its figures in a table that opens. */
export function Figures(props: {
  title: string
  about?: string
  heads: string[]
  rows: (string | number)[][]
  children: ReactNode
}) {
  return (
    <Box component="section" aria-label={props.title} sx={{ minWidth: 0 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {props.title}
      </Box>
      {props.about && <Box sx={{ color: 'text.secondary', fontSize: 12.5, mb: 0.5 }}>{props.about}</Box>}
      {props.children}
      <details>
        <summary>{say('figures')}</summary>
        <Table label={say('figures2', { title: props.title })} heads={props.heads}>
          {props.rows.map((row) => (
            <tr key={String(row[0])}>
              {row.map((cell, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: cells never move
                <td key={at}>{cell}</td>
              ))}
            </tr>
          ))}
        </Table>
      </details>
    </Box>
  )
}
