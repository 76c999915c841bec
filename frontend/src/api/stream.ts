const AGAIN_MS = 30_000

/**
 * Hears what the server tells of its own accord. A browser keeps half a dozen connections to one server: all its pages share one
 * stream of an address, held by one of them; where pages can't agree (an address without a certificate), only pages in sight listen.
 */
export function hear(address: string, event: string, heard: (data: string) => void): () => void {
  if (!('EventSource' in globalThis)) return () => undefined
  return 'locks' in navigator && 'BroadcastChannel' in globalThis
    ? together(address, event, heard)
    : inSight(address, event, heard)
}

function together(address: string, event: string, heard: (data: string) => void): () => void {
  const others = new BroadcastChannel(address)
  others.onmessage = (told: MessageEvent<string>) => heard(told.data)
  const leaving = new AbortController()
  navigator.locks
    .request(
      address,
      { signal: leaving.signal },
      () =>
        new Promise<void>((handOver) => {
          const close = open(address, event, (data) => {
            others.postMessage(data)
            heard(data)
          })
          leaving.signal.addEventListener('abort', () => {
            close()
            handOver()
          })
        }),
    )
    .catch(() => undefined) // left while another page held the stream
  return () => {
    leaving.abort()
    others.close()
  }
}

function inSight(address: string, event: string, heard: (data: string) => void): () => void {
  let close: (() => void) | undefined
  const look = () => {
    if (document.visibilityState === 'hidden') {
      close?.()
      close = undefined
      return
    }
    close ??= open(address, event, heard)
  }
  look()
  document.addEventListener('visibilitychange', look)
  return () => {
    document.removeEventListener('visibilitychange', look)
    close?.()
  }
}

/** A stream that was refused is asked for again after a while; one that broke off the browser opens anew by itself. */
function open(address: string, event: string, heard: (data: string) => void): () => void {
  let again: ReturnType<typeof setTimeout> | undefined
  let source: EventSource
  const start = () => {
    source = new EventSource(address)
    source.addEventListener(event, (told: MessageEvent<string>) => heard(told.data))
    source.onerror = () => {
      if (source.readyState === EventSource.CLOSED) again = setTimeout(start, AGAIN_MS)
    }
  }
  start()
  return () => {
    clearTimeout(again)
    source.close()
  }
}
