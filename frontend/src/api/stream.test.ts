import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { hear } from './stream'

class Stream {
  static open: Stream[] = []
  static readonly CLOSED = 2
  readyState = 1
  onerror: (() => void) | undefined
  private told: ((event: { data: string }) => void) | undefined
  constructor(readonly address: string) {
    Stream.open.push(this)
  }
  addEventListener(_: string, told: (event: { data: string }) => void) {
    this.told = told
  }
  tell(data: string) {
    this.told?.({ data })
  }
  refuse() {
    this.readyState = Stream.CLOSED
    this.onerror?.()
  }
  close() {
    Stream.open = Stream.open.filter((one) => one !== this)
  }
}

/** As browsers do it: one holder of a name at a time, the next in line when it lets go. */
class Locks {
  private tail: Promise<void> = Promise.resolve()
  request(_: string, options: { signal: AbortSignal }, held: () => Promise<void>) {
    const mine = this.tail.then(() => (options.signal.aborted ? undefined : held()))
    this.tail = mine.then(() => undefined)
    return mine
  }
}

class Channel {
  static all: Channel[] = []
  onmessage: ((event: { data: string }) => void) | undefined
  constructor(readonly name: string) {
    Channel.all.push(this)
  }
  postMessage(data: string) {
    for (const other of Channel.all) {
      if (other !== this && other.name === this.name) other.onmessage?.({ data })
    }
  }
  close() {
    Channel.all = Channel.all.filter((one) => one !== this)
  }
}

describe('what the server tells', () => {
  beforeEach(() => {
    Stream.open = []
    Channel.all = []
    vi.stubGlobal('EventSource', Stream)
    vi.stubGlobal('BroadcastChannel', Channel)
    vi.stubGlobal('navigator', { locks: new Locks() })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('comes to all pages of a browser over one connection, handed on when its page closes', async () => {
    const first: string[] = []
    const second: string[] = []
    const closeFirst = hear('/api/events', 'alert', (data) => first.push(data))
    const closeSecond = hear('/api/events', 'alert', (data) => second.push(data))
    await vi.waitFor(() => expect(Stream.open).toHaveLength(1))
    Stream.open[0]?.tell('a')
    expect([first, second]).toEqual([['a'], ['a']])
    closeFirst()
    await vi.waitFor(() => expect(Stream.open).toHaveLength(1))
    Stream.open[0]?.tell('b')
    expect([first, second]).toEqual([['a'], ['a', 'b']])
    closeSecond()
    await vi.waitFor(() => expect(Stream.open).toHaveLength(0))
  })

  it('is asked for again after a refusal', () => {
    vi.useFakeTimers()
    vi.stubGlobal('navigator', {})
    const heard: string[] = []
    const close = hear('/api/events', 'alert', (data) => heard.push(data))
    Stream.open[0]?.refuse()
    vi.advanceTimersByTime(30_000)
    Stream.open[1]?.tell('a')
    expect(heard).toEqual(['a'])
    close()
  })
})
