import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { createMemoryRouter, RouterProvider } from 'react-router'

/** The person signed in unless a test says otherwise; null for nobody yet. */
const RAFE = { id: 3, name: 'Rafe Halloran', role: 'MANAGER', active: true, canSignIn: true, units: 'US' }

/** What the server says of it, for a test in which everything is asked for again. */
export const SESSION = { me: RAFE, firstStart: false, empty: false, simulated: true, demoPeople: [] }

/** Shows something inside the router and query cache it needs. */
export function show(element: ReactNode, at = '/', me: object | null = RAFE) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  if (me) queries.setQueryData(['session'], { me, firstStart: false, empty: false, simulated: true, demoPeople: [] })
  const router = createMemoryRouter([{ path: '*', element }], { initialEntries: [at] })
  return render(
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  )
}
