import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { ordersQuery } from '../../api/queries'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { day, moment } from '../../units/format'
import { OrderDialog } from './OrderDialog'
import { ReceiveDialog } from './ReceiveDialog'
import { say } from './words'

type Order = Schemas['OrderView']
type Line = Schemas['OrderLineView']

/** What is ordered, what came of it, and taking deliveries in. */
export function Orders() {
  const orders = useQuery(ordersQuery)
  const [ordering, setOrdering] = useState(false)
  const [receiving, setReceiving] = useState<{ order: Order; line: Line } | null>(null)
  const may = useMay('COORDINATOR')
  if (orders.isPending) return <LoadingLines lines={8} />
  if (orders.isError) return <LoadProblem error={orders.error} again={() => orders.refetch()} />
  return (
    <Page
      title={say('ordersAndReceiving')}
      actions={
        may && (
          <Button variant="contained" onClick={() => setOrdering(true)}>
            {say('orderTires2')}
          </Button>
        )
      }
    >
      {orders.data.length === 0 && <p>{say('nothingIsOnOrderWhat')}</p>}
      {orders.data.map((order) => (
        <OneOrder key={order.id} order={order} onReceive={(line) => setReceiving({ order, line })} />
      ))}
      {ordering && <OrderDialog onClose={() => setOrdering(false)} />}
      {receiving && <ReceiveDialog order={receiving.order} line={receiving.line} onClose={() => setReceiving(null)} />}
    </Page>
  )
}

function OneOrder({ order, onReceive }: { order: Order; onReceive: (line: Line) => void }) {
  const coordinator = useMay('COORDINATOR')
  const technician = useMay('TECHNICIAN')
  const notice = useNotice()
  const close = useSend(
    () => answerOf(api.POST('/api/orders/{id}/close', { params: { path: { id: order.id } } })),
    () =>
      notice({
        text: say('orderFromIsClosed', { supplier: order.supplier }),
        undo: async () => {
          await answerOf(api.POST('/api/orders/{id}/reopen', { params: { path: { id: order.id } } }))
          return say('orderFromIsOpenAgain', { supplier: order.supplier })
        },
      }),
    null,
  )
  return (
    <Box component="section" aria-label={say('orderFrom', { supplier: order.supplier })} sx={{ mb: 3 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap', mb: 0.5 }}>
        <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
          {order.supplier}, {day(order.day)}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>
          {say('toOrdered', { yard: order.yard, by: order.by })}
          {order.note && ` · ${order.note}`}
          {order.closedAt && say('closed', { closedAt: day(order.closedAt) })}
        </Box>
        {coordinator && !order.closedAt && (
          <Button size="small" sx={{ ml: 'auto' }} loading={close.busy} onClick={close.send}>
            {say('closeTheOrder')}
          </Button>
        )}
      </Box>
      <Table
        label={say('linesOfTheOrderFrom', { supplier: order.supplier })}
        heads={[say('model'), say('ordered2'), say('received'), say('price'), '', say('delivered')]}
      >
        {order.lines.map((line) => (
          <tr key={line.id}>
            <td>
              {line.model}{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {line.sidewall}
              </Box>
            </td>
            <td>{line.quantity}</td>
            <td>{line.accepted}</td>
            <td>{line.price}</td>
            <td>
              {technician && !order.closedAt && line.accepted < line.quantity && (
                <Button
                  size="small"
                  variant="outlined"
                  onClick={() => onReceive(line)}
                  sx={{ background: color.sheet }}
                >
                  {say('receive')}
                </Button>
              )}
            </td>
            <td>
              {line.deliveries.map((came) => (
                <Box key={came.id} sx={{ mb: 0.5 }}>
                  {came.tireId ? <Link to={`/tires/${came.tireId}`}>{came.code}</Link> : came.code}{' '}
                  {came.accepted ? say('received') : <strong>{say('refused')}</strong>}
                  {came.differences.length > 0 &&
                    say('acceptedWithDifference', { differences: came.differences.join('; ') })}
                  {came.note && `: ${came.note}`}
                  <Box component="span" sx={{ color: 'text.secondary' }}>
                    {' '}
                    · {came.by}, {moment(came.at)}
                  </Box>
                </Box>
              ))}
              {line.checklists.map((sheet) => (
                <details key={sheet.at}>
                  <summary>{say('receivingChecklist', { by: sheet.by, moment: moment(sheet.at) })}</summary>
                  <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
                    {sheet.steps.map((step) => (
                      <li key={step}>{step}</li>
                    ))}
                  </Box>
                </details>
              ))}
            </td>
          </tr>
        ))}
      </Table>
    </Box>
  )
}
