import { IDBFactory } from 'fake-indexeddb'
import { openDB } from 'idb'
import { describe, expect, it, vi } from 'vitest'
import { inTodaysWords } from './convert'

const EARLIER_DRAFT = {
  pressure: '78',
  warmth: 'COLD',
  places: [['9', '8', '9']],
  bound: null,
  dotFaces: 'OUT',
  findings: ['SAWTOOTH', 'BULGE'],
  innerFindings: ['RUNNING_BACKWARDS'],
  putRight: ['CAP_MISSING'],
  skipped: 'PLAN',
}

describe('what a device kept in earlier words', () => {
  it('is sent on in today’s: a walk-around typed before the words changed is not lost', async () => {
    // A device of its own, as an earlier version left it.
    vi.stubGlobal('indexedDB', new IDBFactory())
    vi.resetModules()
    const earlier = await openDB('rotagens', 1, {
      upgrade(fresh) {
        fresh.createObjectStore('entries', { keyPath: 'id' })
        fresh.createObjectStore('photos', { keyPath: 'id' })
        fresh.createObjectStore('sheets', { keyPath: 'vehicleId' })
      },
    })
    await earlier.put('entries', {
      id: '7 1L',
      vehicleId: 7,
      draft: EARLIER_DRAFT,
      key: 'k1',
      sent: { draft: EARLIER_DRAFT, key: 'k1' },
    })
    await earlier.put('photos', { id: 'p', vehicleId: 7, position: '1L', picture: new ArrayBuffer(4) })
    await earlier.put('sheets', {
      vehicleId: 7,
      walk: {
        stops: [{ position: '1L', judgement: { verdict: 'PLAN', reasons: [{ says: '78 psi', because: 'x' }] } }],
      },
      finish: { odometer: '', skipped: 'it was dark', key: 'k2' },
    })
    earlier.close()

    const { store } = await import('./store')
    const [entry] = await store.entries()
    expect(entry?.draft).toEqual({
      pressure: '78',
      thermalState: 'COLD',
      locations: [['9', '8', '9']],
      treadInterval: null,
      dotSide: 'OUT',
      findings: ['FEATHERING', 'BULGE'],
      innerSidewallFindings: ['INSTALLED_BACKWARD'],
      fixed: ['CAP_MISSING'],
      skipReason: 'PLAN',
    })
    expect(entry?.sent).toEqual({ draft: entry?.draft, key: 'k1' })
    const [sheet] = await store.sheets()
    expect(sheet?.finish).toEqual({ odometer: '', skipReason: 'it was dark', key: 'k2' })
    expect(sheet?.walkAround.positions[0]).toEqual({
      position: '1L',
      assessment: { verdict: 'SERVICE_DUE', reasons: [{ statement: '78 psi', explanation: 'x' }] },
    })
    expect(await store.photos()).toHaveLength(1)
  })

  it('keeps what a person wrote as it was written', () => {
    expect(inTodaysWords({ reason: 'FIT', skipped: 'RAN_LOW' })).toEqual({ reason: 'FIT', skipReason: 'RAN_LOW' })
  })
})
