import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, expect, it, vi } from 'vitest'
import { useSend } from './useSend'

afterEach(() => {
  vi.useRealTimers()
})

it('tells what is stored though something shown is slow to be asked for again', async () => {
  vi.useFakeTimers()
  const queries = new QueryClient()
  vi.spyOn(queries, 'invalidateQueries').mockReturnValue(new Promise<void>(() => {}))
  const done = vi.fn()
  const { result } = renderHook(() => useSend(() => Promise.resolve('stored'), done, null), {
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    ),
  })
  act(() => result.current.send())
  await act(() => vi.advanceTimersByTimeAsync(1000))
  expect(done).not.toHaveBeenCalled()
  await act(() => vi.advanceTimersByTimeAsync(2500))
  expect(done).toHaveBeenCalledWith('stored')
})
