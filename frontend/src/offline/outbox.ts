import { answerOf, api, onceKey, ProblemError, type Schemas, type Units } from '../api/client'
import { type Draft, type Entry, isBlank } from '../vehicle/walk-round/draft'
import { type Sheet, store, type WaitingEntry, type WaitingPhoto } from './store'

type Walk = Schemas['WalkRound']
type Saved = Schemas['Saved']

/** What this device holds, for the page to draw. */
export interface Held {
  entries: WaitingEntry[]
  photos: WaitingPhoto[]
  sheets: Sheet[]
  /** Whether the server answered when it was last asked. */
  reached: boolean
}

const idOf = (vehicleId: number, position: string) => `${vehicleId} ${position}`

/**
 * Keeps what is entered on a walk-round on this device until the server has taken it, and sends it when it can be reached. One
 * sending is under way at a time; each thing goes under its own key, so sending it twice counts once. Judging stays with the
 * server.
 */
class Outbox {
  private held: Held = { entries: [], photos: [], sheets: [], reached: true }
  private readonly listeners = new Set<() => void>()
  private readonly takenListeners = new Set<(vehicleId: number) => void>()
  /** The end of the line of things to send: each waits for the one before. */
  private line: Promise<unknown> = Promise.resolve()
  private readonly seen = new Map<string, number>()
  private readonly finished = new Map<number, Schemas['Finished']>()
  private loaded: Promise<void> | null = null

  /** Reads what an earlier visit left; asked more than once it reads once. */
  load(): Promise<void> {
    this.loaded ??= (async () => {
      const [entries, photos, sheets] = await Promise.all([store.entries(), store.photos(), store.sheets()])
      this.set({ entries, photos, sheets })
    })()
    return this.loaded
  }

  /** For tests: once nothing is under way any more. */
  settled(): Promise<unknown> {
    return this.line
  }

  /** For tests: forgets the memory, not the device. */
  forgetLoaded() {
    this.loaded = null
    this.seen.clear()
    this.held = { entries: [], photos: [], sheets: [], reached: true }
  }

  readonly read = () => this.held

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** Calls back when something of a vehicle was taken by the server out of turn. */
  onTaken(then: (vehicleId: number) => void) {
    this.takenListeners.add(then)
    return () => this.takenListeners.delete(then)
  }

  private set(part: Partial<Held>) {
    this.held = { ...this.held, ...part }
    for (const listener of this.listeners) listener()
  }

  entry(vehicleId: number, position: string): WaitingEntry | undefined {
    return this.held.entries.find((one) => one.id === idOf(vehicleId, position))
  }

  sheet(vehicleId: number): Sheet | undefined {
    return this.held.sheets.find((one) => one.vehicleId === vehicleId)
  }

  /** What the server wrote when it last finished a walk-round of a vehicle from here. */
  lastFinished(vehicleId: number): Schemas['Finished'] | undefined {
    return this.finished.get(vehicleId)
  }

  /** Keeps a walk-round as the server just gave it; what is waiting of it stays. */
  async keepSheet(walk: Walk, units: Units) {
    await this.load()
    const known = this.sheet(walk.vehicleId)
    if (walk.finishedAt) return this.dropSheet(walk.vehicleId)
    this.set({ reached: true })
    await this.putSheet({
      ...(known?.finish && { finish: known.finish }),
      vehicleId: walk.vehicleId,
      units,
      walk,
      keptAt: new Date().toISOString(),
    })
  }

  private async putSheet(sheet: Sheet) {
    this.set({ sheets: [...this.held.sheets.filter((one) => one.vehicleId !== sheet.vehicleId), sheet] })
    await store.keepSheet(sheet)
  }

  async dropSheet(vehicleId: number) {
    this.set({ sheets: this.held.sheets.filter((one) => one.vehicleId !== vehicleId) })
    await store.dropSheet(vehicleId)
  }

  /** Says which version of a position a person has in front of them: what they type goes over that one and no other. */
  see(vehicleId: number, position: string, version: number) {
    this.seen.set(idOf(vehicleId, position), version)
  }

  seenVersion(vehicleId: number, position: string): number {
    return this.seen.get(idOf(vehicleId, position)) ?? 0
  }

  /** Keeps what was typed at a position, over the version its person had in front of them. */
  async keep(vehicleId: number, position: string, draft: Draft, units: Units) {
    const before = this.entry(vehicleId, position)
    await this.putEntry({
      id: idOf(vehicleId, position),
      vehicleId,
      position,
      draft,
      units,
      version: before?.version ?? this.seenVersion(vehicleId, position),
      key: onceKey(),
      takenAt: new Date().toISOString(),
      state: 'waiting',
    })
  }

  private async putEntry(entry: WaitingEntry) {
    this.set({ entries: [...this.held.entries.filter((one) => one.id !== entry.id), entry] })
    await store.keepEntry(entry)
  }

  /** Forgets what was typed at a position. */
  async drop(vehicleId: number, position: string) {
    const id = idOf(vehicleId, position)
    this.set({ entries: this.held.entries.filter((one) => one.id !== id) })
    await store.dropEntry(id)
  }

  /** Lets what somebody else saved meanwhile stand, and forgets what was typed here. */
  async yieldTo(vehicleId: number, position: string, theirs: Entry) {
    this.see(vehicleId, position, theirs.version)
    const sheet = this.sheet(vehicleId)
    if (sheet) {
      const stops = sheet.walk.stops.map((stop) => (stop.position === position ? { ...stop, entry: theirs } : stop))
      await this.putSheet({ ...sheet, walk: { ...sheet.walk, stops } })
    }
    await this.drop(vehicleId, position)
  }

  /** Lets what was typed here stand over what somebody else saved meanwhile. */
  async overrule(vehicleId: number, position: string) {
    const entry = this.entry(vehicleId, position)
    if (!entry) return
    const { theirs, problem, ...rest } = entry
    await this.putEntry({ ...rest, version: theirs?.version ?? rest.version, key: onceKey(), state: 'waiting' })
  }

  async keepPhoto(vehicleId: number, position: string, picture: Blob) {
    const bytes = await picture.arrayBuffer()
    const photo = { id: onceKey(), vehicleId, position, picture: bytes, type: picture.type || 'image/jpeg' }
    this.set({ photos: [...this.held.photos, photo] })
    await store.keepPhoto(photo)
  }

  async dropPhoto(id: string) {
    this.set({ photos: this.held.photos.filter((one) => one.id !== id) })
    await store.dropPhoto(id)
  }

  /** Marks a walk-round to be finished once everything entered in it has been taken. */
  async finishLater(vehicleId: number, odometer: string, skipped: string) {
    const sheet = this.sheet(vehicleId)
    if (sheet) await this.putSheet({ ...sheet, finish: { odometer, skipped, key: onceKey() } })
  }

  async dontFinish(vehicleId: number) {
    const sheet = this.sheet(vehicleId)
    if (!sheet) return
    const { finish, ...rest } = sheet
    await this.putSheet(rest)
  }

  /** How many things wait to be sent. */
  waiting(held: Held = this.held) {
    return {
      entries: held.entries.length,
      photos: held.photos.length,
      finishes: held.sheets.filter((sheet) => sheet.finish).length,
      conflicts: held.entries.filter((one) => one.state === 'conflict').length,
    }
  }

  /** The id of the vehicle's walk-round with the server, started there if it was begun out of reach. */
  private async walkId(vehicleId: number, units: Units): Promise<number> {
    const sheet = this.sheet(vehicleId)
    if (sheet && sheet.walk.id !== 0) return sheet.walk.id
    const startKey = sheet?.startKey ?? onceKey()
    if (sheet && !sheet.startKey) await this.putSheet({ ...sheet, startKey })
    const walk = await answerOf(
      api.POST('/api/vehicles/{vehicleId}/walk-rounds', {
        params: { path: { vehicleId }, query: { units }, header: { 'Idempotency-Key': startKey } },
        body: sheet ? { scope: sheet.walk.scope } : {},
      }),
    )
    await this.keepSheet(walk, units)
    return walk.id
  }

  /** Lets what was refused go once more, as it stands; into a new walk-round where the old one is over. */
  async again(vehicleId: number, position: string) {
    const entry = this.entry(vehicleId, position)
    if (!entry) return
    const { problem, theirs, late, ...rest } = entry
    await this.putEntry({ ...rest, key: onceKey(), state: 'waiting' })
    await this.push(vehicleId, position)
  }

  /** Sends what waits at one position, after everything sent before it; how it went stands in what this device holds. */
  push(vehicleId: number, position: string): Promise<void> {
    return this.next(async () => {
      const entry = this.entry(vehicleId, position)
      if (entry?.state !== 'waiting') return
      try {
        await this.sendEntry(entry)
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error
      }
    })
  }

  private next<T>(job: () => Promise<T>): Promise<T> {
    const mine = this.line.then(job)
    this.line = mine.catch(() => {})
    return mine
  }

  private async sendEntry(known: WaitingEntry): Promise<void> {
    // Whether it is late is settled before it first goes: under one key only one and the same thing may be sent.
    const entry = { ...known, late: known.late ?? Date.now() - Date.parse(known.takenAt) > LATE_MS }
    if (known.late === undefined) await this.putEntry(entry)
    try {
      const saved = await this.put(entry, entry.draft, entry.key)
      this.set({ reached: true })
      await this.entryTaken(entry, saved)
    } catch (error) {
      await this.entryRefused(entry, error)
      throw error
    }
  }

  private async put(entry: WaitingEntry, draft: Draft, key: string): Promise<Saved> {
    const id = await this.walkId(entry.vehicleId, entry.units)
    return answerOf(
      api.PUT('/api/walk-rounds/{id}/positions/{position}', {
        params: {
          path: { id, position: entry.position },
          query: { units: entry.units },
          header: { 'If-Match': `"${entry.version}"`, 'Idempotency-Key': key },
        },
        body: bodyOf(draft, entry.late ? entry.takenAt : undefined),
      }),
    )
  }

  private async entryTaken(entry: WaitingEntry, saved: Saved) {
    this.see(entry.vehicleId, entry.position, saved.entry.version)
    await this.note(entry, saved)
    const now = this.entry(entry.vehicleId, entry.position)
    // Typed on meanwhile: that goes next, over the version just stored.
    if (now && now.key !== entry.key) await this.putEntry({ ...now, version: saved.entry.version })
    else await this.drop(entry.vehicleId, entry.position)
  }

  /** What the server stored and says of it, on the sheet of this device. */
  private async note(entry: WaitingEntry, saved: Saved) {
    const sheet = this.sheet(entry.vehicleId)
    if (!sheet) return
    const stops = sheet.walk.stops.map((stop) => {
      if (stop.position !== entry.position) return stop
      const { missing, ...rest } = stop
      return {
        ...rest,
        ...(saved.missing && { missing: saved.missing }),
        entry: saved.entry,
        judgement: saved.judgement,
      }
    })
    await this.putSheet({ ...sheet, walk: { ...sheet.walk, stops } })
  }

  private async entryRefused(entry: WaitingEntry, error: unknown) {
    if (!(error instanceof ProblemError)) return
    if (error.unreachable) {
      this.set({ reached: error.problem.status === 401 })
      return
    }
    const now = this.entry(entry.vehicleId, entry.position)
    if (!now || now.key !== entry.key) return
    const { status } = error.problem
    const theirs = status === 412 ? (error.problem.current as Entry | undefined) : undefined
    const over = status === 409
    if (over) await this.begunAnew(entry.vehicleId)
    await this.putEntry({
      ...now,
      version: over ? 0 : now.version,
      state: status === 412 ? 'conflict' : 'refused',
      problem: error.problem,
      ...(theirs && { theirs }),
    })
    await this.sendRight(entry, error)
  }

  /** The walk-round is over: what is still here can only go into a new one. */
  private async begunAnew(vehicleId: number) {
    const sheet = this.sheet(vehicleId)
    if (!sheet) return
    const { startKey, ...rest } = sheet
    const stops = sheet.walk.stops.map(({ entry, ...stop }) => stop)
    for (const stop of stops) this.see(vehicleId, stop.position, 0)
    await this.putSheet({ ...rest, walk: { ...sheet.walk, id: 0, stops } })
  }

  /** What is right is saved and judged at once; the wrong figure stays in its field, marked. */
  private async sendRight(entry: WaitingEntry, error: ProblemError) {
    const right = withoutWrong(entry.draft, error)
    if (!right) return
    try {
      const saved = await this.put(entry, right, onceKey())
      this.see(entry.vehicleId, entry.position, saved.entry.version)
      await this.note(entry, saved)
      const now = this.entry(entry.vehicleId, entry.position)
      if (now) await this.putEntry({ ...now, version: saved.entry.version })
    } catch (again) {
      if (!(again instanceof ProblemError)) throw again
    }
  }

  /** Sends all that waits, vehicle by vehicle; stops at the first sign that the server can't be reached. */
  sendAll(): Promise<void> {
    return this.next(() => this.sendEverything())
  }

  private async sendEverything() {
    await this.load()
    try {
      for (const entry of this.held.entries.filter((one) => one.state === 'waiting')) {
        await this.past(() => this.sendEntry(entry), entry.vehicleId)
      }
      for (const photo of this.held.photos.filter((one) => !one.problem)) {
        await this.past(() => this.sendPhoto(photo), photo.vehicleId)
      }
      for (const sheet of this.held.sheets.filter((one) => one.finish && !one.finish.problem)) {
        const left = (one: { vehicleId: number }) => one.vehicleId === sheet.vehicleId
        if (this.held.entries.some(left) || this.held.photos.some(left)) continue
        await this.past(() => this.sendFinish(sheet), sheet.vehicleId)
      }
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.set({ reached: error.problem.status !== 0 })
    }
  }

  /** What the server refuses is marked and stays; only being out of reach ends the round. */
  private async past(send: () => Promise<unknown>, vehicleId: number) {
    try {
      await send()
      this.set({ reached: true })
      for (const then of this.takenListeners) then(vehicleId)
    } catch (error) {
      if (!(error instanceof ProblemError) || error.unreachable) throw error
    }
  }

  private async sendPhoto(photo: WaitingPhoto) {
    const units = this.sheet(photo.vehicleId)?.units ?? 'US'
    const id = await this.walkId(photo.vehicleId, units)
    try {
      await answerOf(
        api.POST('/api/walk-rounds/{id}/positions/{position}/photos', {
          params: { path: { id, position: photo.position }, header: { 'Idempotency-Key': photo.id } },
          body: photo.picture as unknown as string,
          bodySerializer: (picture) => picture as unknown as ArrayBuffer,
          headers: { 'Content-Type': photo.type },
        }),
      )
      await this.dropPhoto(photo.id)
    } catch (error) {
      if (error instanceof ProblemError && !error.unreachable) {
        const refused = { ...photo, problem: error.problem }
        this.set({ photos: this.held.photos.map((one) => (one.id === photo.id ? refused : one)) })
        await store.keepPhoto(refused)
      }
      throw error
    }
  }

  private async sendFinish(sheet: Sheet) {
    const finish = sheet.finish
    if (!finish) return
    const id = await this.walkId(sheet.vehicleId, sheet.units)
    try {
      const done = await answerOf(
        api.POST('/api/walk-rounds/{id}/finish', {
          params: { path: { id }, query: { units: sheet.units }, header: { 'Idempotency-Key': finish.key } },
          body: { odometer: finish.odometer, skipped: finish.skipped },
        }),
      )
      this.finished.set(sheet.vehicleId, done)
      await this.dropSheet(sheet.vehicleId)
    } catch (error) {
      if (error instanceof ProblemError && !error.unreachable) {
        const now = this.sheet(sheet.vehicleId) ?? sheet
        await this.putSheet({ ...now, finish: { ...finish, problem: error.problem } })
      }
      throw error
    }
  }
}

/** A figure sent later than this says when it was taken; before, the server's own clock tells it better. */
const LATE_MS = 60_000

const FIGURES = ['pressure', 'outer', 'center', 'inner'] as const

/** The draft with the refused figures blanked; undefined where there is nothing else in it, or it isn't about figures. */
function withoutWrong(draft: Draft, error: ProblemError): Draft | undefined {
  const wrong = FIGURES.filter((field) => error.field(field) !== undefined)
  if (wrong.length === 0 || wrong.length < error.problem.fields.length) return undefined
  const right = { ...draft }
  for (const field of wrong) right[field] = ''
  return isBlank(right) ? undefined : right
}

function bodyOf(draft: Draft, takenAt: string | undefined): Schemas['Input'] {
  const { looked, pressureGauge, treadGauge, bound, dotFaces, ...rest } = draft
  return {
    ...rest,
    ...(bound && { bound }),
    ...(dotFaces && { dotFaces }),
    ...(pressureGauge && { pressureGauge }),
    ...(treadGauge && { treadGauge }),
    ...(takenAt && { takenAt }),
  }
}

export const outbox = new Outbox()
