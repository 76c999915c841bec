import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import type { Problem, Schemas, Units } from '../api/client'
import { inTodaysWords } from './convert'
import type { Draft, Entry } from './draft'

/** Who had this device in the hand: what is recorded carries the name of whoever read it, never of whoever came after. */
export interface Hand {
  id: number
  name: string
}

/** One request as it went out: sent again, it is word for word the same. */
export interface Sent {
  draft: Draft
  key: string
  version: number
  /** Only where it first went out so long after that it says itself when it was taken. */
  takenAt?: string
}

/** What was typed at one position and the server hasn't taken yet. */
export interface WaitingEntry {
  id: string
  vehicleId: number
  position: string
  draft: Draft
  units: Units
  /** The version it was typed over. */
  version: number
  /** Sent under this key, so that it counts once however often it is sent. */
  key: string
  takenAt: string
  by?: Hand
  /** What went out last and nobody has answered yet: it may be stored, so it is asked about before anything follows. */
  sent?: Sent
  state: 'waiting' | 'refused' | 'conflict'
  theirs?: Entry
  problem?: Problem
}

/** A photo the server hasn't taken yet. */
export interface WaitingPhoto {
  id: string
  vehicleId: number
  position: string
  /** As bytes: not every browser keeps a file whole. */
  picture: ArrayBuffer
  type: string
  by?: Hand
  problem?: Problem
}

/** The walk-around of one vehicle as this device last knew it, and what is to become of it. */
export interface Sheet {
  vehicleId: number
  units: Units
  walkAround: Schemas['WalkAroundView']
  keptAt: string
  /** Started out of reach under this key. */
  startKey?: string
  finish?: { odometer: string; skipReason: string; confirmed?: boolean; key: string; by?: Hand; problem?: Problem }
}

interface Yard extends DBSchema {
  entries: { key: string; value: WaitingEntry }
  photos: { key: string; value: WaitingPhoto }
  sheets: { key: number; value: Sheet }
}

let opened: Promise<IDBPDatabase<Yard>> | undefined

const db = () => {
  opened ??= openDB<Yard>('rotagens', 2, {
    async upgrade(kept, before, _, transaction) {
      if (before < 1) {
        kept.createObjectStore('entries', { keyPath: 'id' })
        kept.createObjectStore('photos', { keyPath: 'id' })
        kept.createObjectStore('sheets', { keyPath: 'vehicleId' })
        return
      }
      // What waits to be sent was typed in earlier words: it goes on in today's.
      const entries = transaction.objectStore('entries')
      for (const entry of await entries.getAll()) await entries.put(inTodaysWords(entry))
      const sheets = transaction.objectStore('sheets')
      for (const sheet of await sheets.getAll()) await sheets.put(inTodaysWords(sheet))
    },
  })
  return opened
}

/** The device's own keeping place; it outlives the page, the browser and a dead battery. */
export const store = {
  entries: async () => (await db()).getAll('entries'),
  keepEntry: async (entry: WaitingEntry) => (await db()).put('entries', entry),
  dropEntry: async (id: string) => (await db()).delete('entries', id),
  photos: async () => (await db()).getAll('photos'),
  keepPhoto: async (photo: WaitingPhoto) => (await db()).put('photos', photo),
  dropPhoto: async (id: string) => (await db()).delete('photos', id),
  sheets: async () => (await db()).getAll('sheets'),
  keepSheet: async (sheet: Sheet) => (await db()).put('sheets', sheet),
  dropSheet: async (vehicleId: number) => (await db()).delete('sheets', vehicleId),
  /** For tests: as if this device had never been used. */
  empty: async () => {
    const here = await db()
    await Promise.all([here.clear('entries'), here.clear('photos'), here.clear('sheets')])
  },
}
