import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { answerOf, api, ProblemError } from './client'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

/** A server that is busy so many times before it answers. */
function busy(times: number) {
  const sent: string[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    sent.push(await request.text())
    return sent.length <= times
      ? Response.json({ title: 'Busy just now', status: 503 }, { status: 503, headers: { 'Retry-After': '2' } })
      : Response.json({ ok: true })
  })
  return sent
}

const save = () => answerOf(api.PUT('/api/session/units', { body: { units: 'METRIC' } }))

describe('a busy server', () => {
  it('is asked again after a while with the same words', async () => {
    const sent = busy(2)
    const saving = save()
    await vi.advanceTimersByTimeAsync(2000)
    expect(sent).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(4000)
    await expect(saving).resolves.toEqual({ ok: true })
    expect(new Set(sent)).toEqual(new Set(['{"units":"METRIC"}']))
  })

  it('that stays busy leaves what was typed worth sending again', async () => {
    busy(99)
    const refused = save().catch((error: unknown) => error)
    await vi.advanceTimersByTimeAsync(60_000)
    expect(await refused).toSatisfy((error) => error instanceof ProblemError && error.unreachable)
  })
})
