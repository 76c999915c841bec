import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { createMemoryRouter, RouterProvider } from 'react-router'

/** Shows something inside the router and query cache it needs. */
export function show(element: ReactNode, at = '/') {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  queries.setQueryData(['session'], {
    me: { id: 3, name: 'Rafe Halloran', role: 'MANAGER', active: true, canSignIn: true, units: 'US' },
    firstStart: false,
    empty: false,
    demoPeople: [],
  })
  const router = createMemoryRouter([{ path: '*', element }], { initialEntries: [at] })
  return render(
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  )
}
