import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { Table } from '../../ui/Table'
import type { ArrangementView } from './plan'
import { say } from './words'

/** A plan kept beside the present one. */
export interface Kept {
  name: string
  view: ArrangementView
}

/** What plans give and cost, today beside each. */
export function Figures({ plans }: { plans: Kept[] }) {
  const first = plans[0]
  if (!first) return null
  const rows = [...new Set(plans.flatMap((plan) => plan.view.metrics.map((figure) => figure.metric)))]
  const of = (plan: Kept, what: string) => plan.view.metrics.find((figure) => figure.metric === what)
  return (
    <Table label={say('gainsAndCosts')} heads={['', say('today'), ...plans.map((plan) => plan.name)]}>
      {rows.map((what) => (
        <tr key={what}>
          <th scope="row">{what}</th>
          <td>{of(first, what)?.before}</td>
          {plans.map((plan) => {
            const figure = of(plan, what)
            return (
              <td key={plan.name}>
                <strong>{figure?.after ?? '–'}</strong>
                {figure?.better === true && say('better')}
                {figure?.better === false && say('worse')}
              </td>
            )
          })}
        </tr>
      ))}
    </Table>
  )
}

/** What an arrangement breaks, rule by rule. */
export function Violations({ violations }: { violations: ArrangementView['violations'] }) {
  return (
    <Box
      component="ul"
      aria-label={say('rulesViolated')}
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}
    >
      {violations.map((one) => (
        <Box
          component="li"
          key={`${one.positions.join()} ${one.rule} ${one.statement}`}
          sx={{ display: 'flex', gap: 0.75, alignItems: 'flex-start' }}
        >
          <VerdictIcon verdict={one.verdict} />
          <div>
            <strong>
              {one.positions.join(say('and'))} {one.title}:
            </strong>{' '}
            {one.statement}.{' '}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {one.explanation}
            </Box>
            {one.overridable && say('managerCanOverrideThisRule')}
          </div>
        </Box>
      ))}
    </Box>
  )
}

/** The moves in words, lift by lift: the same the threads draw. */
export function MoveList({ view, children }: { view: ArrangementView; children?: ReactNode }) {
  return (
    <Box component="ol" aria-label={say('movesInTheOrder')} sx={{ m: 0, pl: 2.5, display: 'grid', gap: 1 }}>
      {view.lifts.map((lift) => (
        <li key={lift.off.join()}>
          <strong>{say('lift', { off: lift.off.join(', ') })}</strong>{' '}
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {say('jackAt', { jackAt: lift.jackAt.join(say('and')) || say('noAxleASpareOnly') })}
          </Box>
          <Box component="ul" sx={{ m: 0, pl: 2 }}>
            {lift.moves.map((move) => (
              <li key={`${move.tireId} ${move.from} ${move.to}`}>
                {move.tire}: {move.from ?? 'beside'} → {move.to ?? 'off'}, {move.label}
              </li>
            ))}
          </Box>
        </li>
      ))}
      {children}
    </Box>
  )
}
