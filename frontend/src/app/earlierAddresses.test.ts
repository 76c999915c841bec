import { createMemoryRouter, type RouteObject } from 'react-router'
import { describe, expect, it, vi } from 'vitest'
import { earlierAddresses } from './earlierAddresses'

describe('addresses of before', () => {
  it.each([
    ['/vehicles/7/ledger', '/vehicles/7/history'],
    ['/vehicles/7/walk-round/12?at=1L', '/vehicles/7/walk-around/12?at=1L'],
    ['/along', '/offline'],
  ])('%s leads to %s', async (before, now) => {
    const rest: RouteObject = { path: '*', element: null }
    const router = createMemoryRouter([...earlierAddresses, rest], { initialEntries: [before] })
    await vi.waitFor(() => expect(router.state.location.pathname + router.state.location.search).toBe(now))
  })
})
