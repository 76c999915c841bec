import { describe, expect, it } from 'vitest'
import { type Call, fakeServer, problem } from '../test/server'
import { entryOf, FIT, walk } from '../test/walk'
import { EMPTY } from './draft'
import { store } from './store'
import { uploadQueue } from './uploadQueue'

const sheet = { ...walk, id: 0, startedBy: '' }
const typed = { ...EMPTY, pressure: '94' }

/** A server that can be out of reach, knows one walk-around, and stores each key once. */
function server(answer?: (call: Call) => ReturnType<typeof problem> | undefined) {
  const state = { there: false, stored: [] as string[] }
  const calls = fakeServer((call) => {
    if (!state.there) return 'unreachable'
    const special = answer?.(call)
    if (special) return special
    if (call.path.endsWith('/walk-arounds')) return { body: walk }
    if (call.path.endsWith('/finish')) return { body: { id: 7, readings: 1, unread: 0, verdict: 'GOOD' } }
    state.stored.push(call.headers.get('Idempotency-Key') ?? '')
    if (call.path.endsWith('/photos')) return { body: { id: 1, width: 4, height: 3, at: '', by: '' } }
    return { body: { entry: entryOf(call.body, 1), assessment: FIT } }
  })
  return { state, calls, puts: () => calls.filter((call) => call.method === 'PUT') }
}

/** As if the browser had been closed and opened again. */
async function reopened() {
  await uploadQueue.settled()
  uploadQueue.forgetLoaded()
  await uploadQueue.load()
}

describe('what this device keeps', () => {
  it('survives a closed browser, and goes once when the server is there: started, entered, photographed, finished', async () => {
    const { state, calls } = server()
    await uploadQueue.keepSheet(sheet, 'US')
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.keepPhoto(3, '2LO', new Blob(['x'], { type: 'image/jpeg' }))
    const key = await uploadQueue.finishLater(3, '41208', 'dark')
    await uploadQueue.sendAll()
    expect(uploadQueue.finishedAs(key)).toBeUndefined()
    expect(uploadQueue.read().reached).toBe(false)
    await reopened()
    expect(uploadQueue.waiting()).toEqual({ entries: 1, photos: 1, finishes: 1, conflicts: 0, stuck: 0 })
    state.there = true
    await uploadQueue.sendAll()
    expect(uploadQueue.waiting()).toEqual({ entries: 0, photos: 0, finishes: 0, conflicts: 0, stuck: 0 })
    expect(uploadQueue.sheet(3)).toBeUndefined()
    expect(uploadQueue.finishedAs(key)?.readings).toBe(1)
    const taken = calls.filter((call) => call.method !== 'GET').map((call) => call.path)
    expect(taken.slice(-4)).toEqual([
      '/api/vehicles/3/walk-arounds',
      '/api/walk-arounds/7/positions/2LO',
      '/api/walk-arounds/7/positions/2LO/photos',
      '/api/walk-arounds/7/finish',
    ])
    expect(await store.entries()).toEqual([])
  })

  it('stays finished when an answer asked for before that comes late', async () => {
    const { state } = server()
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    const key = await uploadQueue.finishLater(3, '', 'dark')
    await uploadQueue.sendAll()
    await uploadQueue.keepSheet(walk, 'US')
    expect(uploadQueue.finishedAs(key)?.verdict).toBe('GOOD')
    expect(uploadQueue.sheet(3)).toBeUndefined()
    await uploadQueue.keepSheet({ ...walk, id: 8 }, 'US')
    expect(uploadQueue.sheet(3)?.walkAround.id).toBe(8)
  })

  it('goes under the same key and with the same words until it is taken', async () => {
    const { state, puts } = server((call) => (call.method === 'PUT' && puts().length < 3 ? 'unreachable' : undefined))
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keep(3, '2LO', typed, 'US')
    for (let times = 0; times < 3; times++) await uploadQueue.sendAll()
    expect(puts()).toHaveLength(3)
    expect(new Set(puts().map((call) => call.headers.get('Idempotency-Key'))).size).toBe(1)
    expect(new Set(puts().map((call) => JSON.stringify(call.body))).size).toBe(1)
    expect(uploadQueue.waiting().entries).toBe(0)
  })

  it('says when it was taken only where it first goes out long after', async () => {
    const { state, puts } = server()
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    const kept = {
      id: '3 2LO',
      vehicleId: 3,
      position: '2LO',
      draft: typed,
      units: 'US' as const,
      version: 0,
      key: 'k',
    }
    await store.keepEntry({ ...kept, takenAt: '2026-11-23T09:00:00Z', state: 'waiting' })
    await reopened()
    await uploadQueue.sendAll()
    expect(puts()[0]?.body).toMatchObject({ takenAt: '2026-11-23T09:00:00Z' })
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.sendAll()
    expect(puts()[1]?.body).not.toHaveProperty('takenAt')
  })

  it('never replaces what its person hasn’t seen, even where the device has heard of it', async () => {
    const { state, puts } = server()
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    uploadQueue.see(3, '2LO', 1)
    const theirs = { ...entryOf({ pressure: '88 psi' }, 2), by: 'Tomas Weil' }
    await uploadQueue.keepSheet(
      { ...walk, positions: walk.positions.map((stop) => ({ ...stop, entry: theirs })) },
      'US',
    )
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.sendAll()
    expect(puts()[0]?.headers.get('If-Match')).toBe('"1"')
  })

  it('shows both where somebody else was there, and finishes nothing before that is settled', async () => {
    const theirs = { ...entryOf({ pressure: '88 psi' }, 4), by: 'Tomas Weil' }
    const { state, puts, calls } = server((call) =>
      call.headers.get('If-Match') === '"0"' ? problem(412, {}, theirs) : undefined,
    )
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.finishLater(3, '', '')
    await uploadQueue.sendAll()
    expect(uploadQueue.entry(3, '2LO')).toMatchObject({ state: 'conflict', theirs: { by: 'Tomas Weil' } })
    expect(calls.some((call) => call.path.endsWith('/finish'))).toBe(false)
    await uploadQueue.overrule(3, '2LO')
    await uploadQueue.sendAll()
    expect(puts().at(-1)?.headers.get('If-Match')).toBe('"4"')
    expect(uploadQueue.waiting()).toEqual({ entries: 0, photos: 0, finishes: 0, conflicts: 0, stuck: 0 })
  })

  it('offers a new walk-around where the old one was finished meanwhile', async () => {
    let over = true
    const { state, calls } = server((call) => (call.method === 'PUT' && over ? problem(409) : undefined))
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.sendAll()
    expect(uploadQueue.entry(3, '2LO')).toMatchObject({ state: 'refused', version: 0 })
    over = false
    await uploadQueue.again(3, '2LO')
    expect(calls.some((call) => call.path === '/api/vehicles/3/walk-arounds')).toBe(true)
    expect(uploadQueue.waiting().entries).toBe(0)
  })

  it('keeps a photo the server refuses, with the reason, and goes on with the rest', async () => {
    const { state } = server((call) =>
      call.path.endsWith('/photos') ? problem(422, { photo: 'This is no photo the program can read.' }) : undefined,
    )
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keepPhoto(3, '2LO', new Blob(['x'], { type: 'image/png' }))
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.sendAll()
    expect(uploadQueue.read().photos[0]?.problem?.fields[0]?.message).toContain('no photo')
    expect(uploadQueue.waiting().entries).toBe(0)
  })

  it('goes under the name of whoever typed it, or of whoever takes it over', async () => {
    const { state, puts } = server()
    await uploadQueue.keepSheet(walk, 'US')
    uploadQueue.signedInAs({ id: 5, name: 'Rafe Halloran' })
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.sendAll()
    state.there = true
    uploadQueue.signedInAs({ id: 6, name: 'Tomas Weil' })
    await uploadQueue.settled()
    const tried = puts().length
    await uploadQueue.sendAll()
    expect(puts()).toHaveLength(tried)
    expect(uploadQueue.waiting()).toMatchObject({ entries: 1, stuck: 1 })
    await uploadQueue.again(3, '2LO')
    expect(uploadQueue.waiting().entries).toBe(0)
  })

  it('keeps what came too late for a walk-around somebody finished, and never slips into another', async () => {
    const { state, puts } = server()
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keep(3, '2LO', typed, 'US')
    state.there = true
    await uploadQueue.keepSheet({ ...walk, finishedAt: '2026-11-23T16:00:00Z' }, 'US')
    await uploadQueue.sendAll()
    expect(puts()).toHaveLength(0)
    expect(uploadQueue.entry(3, '2LO')?.problem?.detail).toContain('finished meanwhile')
  })

  it('forgets the fleet on signing out, but not what waits', async () => {
    server()
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keepSheet({ ...walk, vehicleId: 4, unit: 'LC-04' }, 'US')
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.signedOut()
    expect((await store.sheets()).map((sheet) => sheet.walkAround.unit)).toEqual(['LC-03'])
    expect(await store.entries()).toHaveLength(1)
  })

  it('asks about what went out before the page closed, and is in no conflict with itself', async () => {
    let answered = false
    const { state, puts } = server((call) => {
      if (call.method !== 'PUT' || answered) return undefined
      answered = true // stored there, but the page closes before the answer
      return 'unreachable'
    })
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keep(3, '2LO', typed, 'US')
    await uploadQueue.sendAll()
    await uploadQueue.keep(3, '2LO', { ...typed, pressure: '95' }, 'US')
    await reopened()
    await uploadQueue.sendAll()
    const [first, asked, next] = puts()
    expect(asked?.headers.get('Idempotency-Key')).toBe(first?.headers.get('Idempotency-Key'))
    expect(asked?.body).toEqual(first?.body)
    expect(next?.body).toMatchObject({ pressure: '95' })
    expect(next?.headers.get('If-Match')).toBe('"1"')
    expect(uploadQueue.waiting().entries).toBe(0)
  })

  it('knows what of a refused entry was stored, even where the page closed before the answer', async () => {
    let lost = true
    const { state, puts } = server((call) => {
      if (call.method !== 'PUT') return undefined
      if ((call.body as { outer: string }).outer === '9x') return problem(422, { outer: 'not a depth' })
      if (!lost) return undefined
      lost = false
      return 'unreachable'
    })
    state.there = true
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keep(3, '2LO', { ...typed, outer: '9x' }, 'US')
    await uploadQueue.sendAll()
    await reopened()
    await uploadQueue.sendAll()
    await uploadQueue.keep(3, '2LO', { ...typed, outer: '9' }, 'US')
    await uploadQueue.sendAll()
    expect(puts().at(-1)?.headers.get('If-Match')).toBe('"1"')
    expect(uploadQueue.waiting().entries).toBe(0)
  })
})
