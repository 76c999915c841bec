import { vi } from 'vitest'

export interface Call {
  method: string
  path: string
  url: string
  body: unknown
  headers: Headers
}

type Reply = { status?: number; body: unknown } | 'unreachable'

/** A stand-in for the server: answers by method and path, and remembers what it was asked. */
export function fakeServer(answer: (call: Call) => Reply | Promise<Reply>) {
  const calls: Call[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.text()
    const call = {
      method: request.method,
      path: new URL(request.url).pathname,
      url: request.url,
      body: /^[[{]/.test(text) ? JSON.parse(text) : undefined,
      headers: request.headers,
    }
    // Notes stand beside much else: nobody has written any, and no test counts the asking.
    if (call.method === 'GET' && call.path.endsWith('/notes')) return Response.json([])
    calls.push(call)
    const reply = await answer(call)
    if (reply === 'unreachable') throw new TypeError('Failed to fetch')
    return new Response(reply.body === undefined ? null : JSON.stringify(reply.body), {
      status: reply.status ?? 200,
      headers: {
        'content-type': reply.status && reply.status >= 400 ? 'application/problem+json' : 'application/json',
      },
    })
  })
  return calls
}

export const problem = (status: number, fields: Record<string, string> = {}, current?: unknown): Reply => ({
  status,
  body: {
    type: 'about:blank',
    title: 'Check the marked entries',
    status,
    detail: 'Nothing was stored.',
    fields: Object.entries(fields).map(([field, message]) => ({ field, message })),
    current,
  },
})
