import { answerOf, api, onceKey, type Problem, ProblemError, type Schemas, type Units } from '../api/client'
import { type Draft, type Entry, isBlank } from './draft'
import { type Hand, type Sent, type Sheet, store, type WaitingEntry, type WaitingPhoto } from './store'
import { say } from './words'

type Walk = Schemas['WalkAroundView']
type Saved = Schemas['SavedEntryView']

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
 * Keeps what is entered on a walk-around on this device until the server has taken it, and sends it when it can be reached. One
 * sending is under way at a time; each thing goes under its own key, so sending it twice counts once. Judging stays with the
 * server.
 */
class UploadQueue {
  private held: Held = { entries: [], photos: [], sheets: [], reached: true }
  private readonly listeners = new Set<() => void>()
  private readonly takenListeners = new Set<() => void>()
  private me: Hand | undefined
  /** The end of the line of things to send: each waits for the one before. */
  private line: Promise<unknown> = Promise.resolve()
  private readonly seen = new Map<string, number>()
  /** What the server wrote of each finish sent from here, under the key it went with. */
  private readonly finished = new Map<string, Schemas['FinishedWalkAroundView']>()
  /** The walk-arounds finished from here: an answer asked for before that comes too late to open one again. */
  private readonly over = new Set<number>()
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
    this.finished.clear()
    this.over.clear()
    this.me = undefined
    this.held = { entries: [], photos: [], sheets: [], reached: true }
  }

  readonly read = () => this.held

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** Whose hand this device is in now; only what that person typed is sent. */
  signedInAs(person: Hand) {
    this.me = { id: person.id, name: person.name }
    void this.sendAll()
  }

  /** Nobody's hand: what waits stays for whoever typed it, the rest of the fleet's data goes. */
  async signedOut() {
    this.me = undefined
    for (const { vehicleId, finish } of this.held.sheets) {
      if (!finish && !this.waitsOf(vehicleId)) await this.dropSheet(vehicleId)
    }
  }

  private isMine(one: { by?: Hand }): boolean {
    return one.by === undefined || one.by.id === this.me?.id
  }

  private waitsOf(vehicleId: number): boolean {
    const here = (one: { vehicleId: number }) => one.vehicleId === vehicleId
    return this.held.entries.some(here) || this.held.photos.some(here)
  }

  private byMe() {
    return this.me ? { by: this.me } : {}
  }

  /** Calls back when something was taken by the server out of turn. */
  onTaken(then: () => void) {
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

  /** What the server wrote when it took the finish of this key; undefined while it waits, or was refused. */
  finishedAs(key: string): Schemas['FinishedWalkAroundView'] | undefined {
    return this.finished.get(key)
  }

  /** Keeps a walk-around as the server just gave it; what is waiting of it stays. */
  async keepSheet(walk: Walk, units: Units) {
    await this.load()
    const known = this.sheet(walk.vehicleId)
    if (this.over.has(walk.id)) return
    if (walk.finishedAt) return this.overElsewhere(walk.vehicleId)
    this.set({ reached: true })
    await this.putSheet({
      ...(known?.finish && { finish: known.finish }),
      vehicleId: walk.vehicleId,
      units,
      walkAround: walk,
      keptAt: new Date().toISOString(),
    })
  }

  /** Somebody finished it meanwhile: what was typed here isn't in it, and is kept for its person to decide. */
  private async overElsewhere(vehicleId: number) {
    if (!this.waitsOf(vehicleId)) return this.dropSheet(vehicleId)
    await this.begunAnew(vehicleId)
    for (const entry of this.held.entries.filter((one) => one.vehicleId === vehicleId)) {
      const { sent, ...rest } = entry
      await this.putEntry({ ...rest, version: 0, state: 'refused', problem: OVER })
    }
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
      ...this.byMe(),
      ...(before?.sent && { sent: before.sent }),
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
      const stops = sheet.walkAround.positions.map((stop) =>
        stop.position === position ? { ...stop, entry: theirs } : stop,
      )
      await this.putSheet({ ...sheet, walkAround: { ...sheet.walkAround, positions: stops } })
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
    const type = picture.type || 'image/jpeg'
    const photo = { id: onceKey(), vehicleId, position, picture: bytes, type, ...this.byMe() }
    this.set({ photos: [...this.held.photos, photo] })
    await store.keepPhoto(photo)
  }

  async dropPhoto(id: string) {
    this.set({ photos: this.held.photos.filter((one) => one.id !== id) })
    await store.dropPhoto(id)
  }

  /** Marks a walk-around to be finished once everything entered in it has been taken, and says under which key. */
  async finishLater(vehicleId: number, odometer: string, skipReason: string, confirmed = false): Promise<string> {
    const key = onceKey()
    const sheet = this.sheet(vehicleId)
    if (sheet)
      await this.putSheet({
        ...sheet,
        finish: { odometer, skipReason, key, ...(confirmed && { confirmed }), ...this.byMe() },
      })
    return key
  }

  /** How many things wait to be sent. */
  waiting(held: Held = this.held) {
    return {
      entries: held.entries.length,
      photos: held.photos.length,
      finishes: held.sheets.filter((sheet) => sheet.finish).length,
      conflicts: held.entries.filter((one) => one.state === 'conflict').length,
      stuck: this.stuck(held),
    }
  }

  /** How many won't go by themselves: a person has to settle them. A wrong figure is settled in its field. */
  private stuck(held: Held): number {
    const entries = held.entries.filter(
      (one) => one.state === 'conflict' || one.problem?.status === 409 || !this.isMine(one),
    )
    const finishes = held.sheets.flatMap((sheet) => sheet.finish ?? [])
    const rest = [...held.photos, ...finishes].filter((one) => one.problem || !this.isMine(one))
    return entries.length + rest.length
  }

  /** The id of the vehicle's walk-around with the server, started there if it was begun out of reach. */
  private async walkId(vehicleId: number, units: Units): Promise<number> {
    const sheet = this.sheet(vehicleId)
    if (sheet && sheet.walkAround.id !== 0) return sheet.walkAround.id
    const startKey = sheet?.startKey ?? onceKey()
    if (sheet && !sheet.startKey) await this.putSheet({ ...sheet, startKey })
    const walk = await answerOf(
      api.POST('/api/vehicles/{vehicleId}/walk-arounds', {
        params: { path: { vehicleId }, query: { units }, header: { 'Idempotency-Key': startKey } },
        body: sheet ? { scope: sheet.walkAround.scope } : {},
      }),
    )
    await this.keepSheet(walk, units)
    return walk.id
  }

  /** Lets what was refused go once more, as it stands; into a new walk-around where the old one is over. */
  async again(vehicleId: number, position: string) {
    const entry = this.entry(vehicleId, position)
    if (!entry) return
    const { problem, theirs, ...rest } = entry
    await this.putEntry({ ...rest, ...this.byMe(), key: onceKey(), state: 'waiting' })
    await this.push(vehicleId, position)
  }

  /** Sends what waits at one position, after everything sent before it; how it went stands in what this device holds. */
  push(vehicleId: number, position: string): Promise<void> {
    return this.next(async () => {
      try {
        await this.sendIfMine(vehicleId, position)
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error
      }
    })
  }

  /** As it stands when its turn comes: it may have been typed on, or taken back. */
  private async sendIfMine(vehicleId: number, position: string) {
    const entry = this.entry(vehicleId, position)
    if (!entry || !this.isMine(entry)) return
    if (entry.sent && entry.sent.key !== entry.key) await this.settle(entry, entry.sent)
    const now = this.entry(vehicleId, position)
    if (now?.state === 'waiting') await this.sendEntry(now)
  }

  /** Asks again about what went out before the present words: a page may have closed before its answer came. */
  private async settle(entry: WaitingEntry, sent: Sent) {
    try {
      const saved = await this.put(entry, sent)
      await this.stored(entry, saved)
      await this.forgetSent(entry, saved.entry.version)
    } catch (error) {
      if (!(error instanceof ProblemError) || error.unreachable) throw error
      await this.forgetSent(entry, undefined) // refused: nothing of it is stored
    }
  }

  private async forgetSent({ vehicleId, position }: WaitingEntry, version: number | undefined) {
    const now = this.entry(vehicleId, position)
    if (!now) return
    const { sent, ...rest } = now
    await this.putEntry({ ...rest, version: version ?? rest.version })
  }

  private next<T>(job: () => Promise<T>): Promise<T> {
    const mine = this.line.then(job)
    this.line = mine.catch(() => {})
    return mine
  }

  private async sendEntry(entry: WaitingEntry): Promise<void> {
    const late = Date.now() - Date.parse(entry.takenAt) > LATE_MS
    const sent = entry.sent ?? {
      draft: entry.draft,
      key: entry.key,
      version: entry.version,
      ...(late && { takenAt: entry.takenAt }),
    }
    if (!entry.sent) await this.putEntry({ ...entry, sent })
    try {
      const saved = await this.put(entry, sent)
      this.set({ reached: true })
      await this.stored(entry, saved)
      const now = this.entry(entry.vehicleId, entry.position)
      // Typed on meanwhile: that goes next, over the version just stored.
      if (now && now.key !== entry.key) await this.forgetSent(now, saved.entry.version)
      else await this.drop(entry.vehicleId, entry.position)
    } catch (error) {
      await this.entryRefused(entry, error)
      throw error
    }
  }

  private async put(entry: WaitingEntry, sent: Sent): Promise<Saved> {
    const id = await this.walkId(entry.vehicleId, entry.units)
    return answerOf(
      api.PUT('/api/walk-arounds/{id}/positions/{position}', {
        params: {
          path: { id, position: entry.position },
          query: { units: entry.units },
          header: { 'If-Match': `"${sent.version}"`, 'Idempotency-Key': sent.key },
        },
        body: bodyOf(sent.draft, sent.takenAt),
      }),
    )
  }

  /** What the server stored and says of it, on the sheet of this device. */
  private async stored(entry: WaitingEntry, saved: Saved) {
    this.see(entry.vehicleId, entry.position, saved.entry.version)
    const sheet = this.sheet(entry.vehicleId)
    if (!sheet) return
    const stops = sheet.walkAround.positions.map((stop) => {
      if (stop.position !== entry.position) return stop
      const { missing, ...rest } = stop
      return {
        ...rest,
        ...(saved.missing && { missing: saved.missing }),
        entry: saved.entry,
        assessment: saved.assessment,
      }
    })
    await this.putSheet({ ...sheet, walkAround: { ...sheet.walkAround, positions: stops } })
  }

  private async entryRefused(entry: WaitingEntry, error: unknown) {
    if (!(error instanceof ProblemError)) return
    if (error.unreachable) {
      this.set({ reached: error.problem.status === 401 })
      return
    }
    const now = this.entry(entry.vehicleId, entry.position)
    if (!now) return
    const { sent, ...rest } = now
    // Typed on meanwhile: the new words will be judged by themselves.
    if (now.key !== entry.key) return this.putEntry(rest)
    const { status } = error.problem
    const theirs = status === 412 ? (error.problem.current as Entry | undefined) : undefined
    const over = status === 409
    if (over) await this.begunAnew(entry.vehicleId)
    const right = withoutWrong(entry.draft, error)
    // What is right is saved and judged at once; the wrong figure stays in its field, marked.
    const again = right && { ...(sent ?? { version: now.version }), draft: right, key: onceKey() }
    await this.putEntry({
      ...rest,
      version: over ? 0 : now.version,
      state: status === 412 ? 'conflict' : 'refused',
      problem: error.problem,
      ...(theirs && { theirs }),
      ...(again && { sent: again }),
    })
    if (again) await this.settle(now, again)
  }

  /** The walk-around is over: what is still here can only go into a new one. */
  private async begunAnew(vehicleId: number) {
    const sheet = this.sheet(vehicleId)
    if (!sheet) return
    const { startKey, ...rest } = sheet
    const stops = sheet.walkAround.positions.map(({ entry, ...stop }) => stop)
    for (const stop of stops) this.see(vehicleId, stop.position, 0)
    await this.putSheet({ ...rest, walkAround: { ...sheet.walkAround, id: 0, positions: stops } })
  }

  /** Sends all that waits, vehicle by vehicle; stops at the first sign that the server can't be reached. */
  sendAll(): Promise<void> {
    return this.next(() => this.sendEverything())
  }

  private async sendEverything() {
    await this.load()
    try {
      for (const { vehicleId, position, state, sent } of this.held.entries) {
        if (state === 'waiting' || sent) await this.past(() => this.sendIfMine(vehicleId, position))
      }
      for (const photo of this.held.photos.filter((one) => !one.problem && this.isMine(one))) {
        await this.past(() => this.sendPhoto(photo))
      }
      for (const sheet of this.held.sheets) {
        const ready = sheet.finish && !sheet.finish.problem && this.isMine(sheet.finish)
        if (ready && !this.waitsOf(sheet.vehicleId)) await this.past(() => this.sendFinish(sheet))
      }
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.set({ reached: error.problem.status !== 0 })
    }
  }

  /** What the server refuses is marked and stays; only being out of reach ends the round. */
  private async past(send: () => Promise<unknown>) {
    try {
      await send()
      this.set({ reached: true })
      for (const then of this.takenListeners) then()
    } catch (error) {
      if (!(error instanceof ProblemError) || error.unreachable) throw error
    }
  }

  private async sendPhoto(photo: WaitingPhoto) {
    const units = this.sheet(photo.vehicleId)?.units ?? 'US'
    const id = await this.walkId(photo.vehicleId, units)
    try {
      await answerOf(
        api.POST('/api/walk-arounds/{id}/positions/{position}/photos', {
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
        api.POST('/api/walk-arounds/{id}/finish', {
          params: { path: { id }, query: { units: sheet.units }, header: { 'Idempotency-Key': finish.key } },
          body: {
            odometer: finish.odometer,
            skipReason: finish.skipReason,
            ...(finish.confirmed && { confirmed: true }),
          },
        }),
      )
      this.finished.set(finish.key, done)
      this.over.add(id)
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

const OVER: Problem = {
  type: 'about:blank',
  title: 'Over',
  status: 409,
  detail: say('thisWalkAroundWasFinished'),
  fields: [],
}

const FIGURES = ['pressure', 'outer', 'center', 'inner'] as const

/** The draft with the refused figures blanked; undefined where there is nothing else in it, or it isn't about figures. */
function withoutWrong(draft: Draft, error: ProblemError): Draft | undefined {
  const wrong = FIGURES.filter((field) => error.field(field) !== undefined)
  if (wrong.length === 0 || wrong.length < error.problem.fields.length) return undefined
  const right = { ...draft }
  for (const field of wrong) right[field] = ''
  return isBlank(right) ? undefined : right
}

function bodyOf(draft: Draft, takenAt: string | undefined): Schemas['WalkAroundEntryRequest'] {
  const { looked, pressureGauge, treadGauge, treadInterval: bound, dotSide: dotFaces, ...rest } = draft
  return {
    ...rest,
    ...(bound && { treadInterval: bound }),
    ...(dotFaces && { dotSide: dotFaces }),
    ...(pressureGauge && { pressureGauge }),
    ...(treadGauge && { treadGauge }),
    ...(takenAt && { takenAt }),
  }
}

export const uploadQueue = new UploadQueue()
