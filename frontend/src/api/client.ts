import createClient, { type Middleware } from 'openapi-fetch'
import type { components, paths } from './schema'
import { say } from './words'

export type { Units } from '../base/settings'

export type Schemas = components['schemas']
export type Problem = Schemas['Problem']
export type Verdict = Schemas['AssessmentView']['verdict']
export type DueLine = Schemas['DueItemView']
export type Job = Schemas['JobView']

const withToken: Middleware = {
  onRequest({ request }) {
    const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
    if (token && request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token))
    }
    return request
  },
}

const TRIES = 4

/** Who is told to come again comes again: nothing was stored, so the same is sent once more as it was. */
async function patiently(request: Request): Promise<Response> {
  for (let tried = 1; ; tried++) {
    const answer = await globalThis.fetch(tried < TRIES ? request.clone() : request)
    const wait = Number(answer.headers.get('Retry-After'))
    if (answer.status !== 503 || tried === TRIES || !(wait > 0 && wait <= 10)) return answer
    await new Promise((go) => setTimeout(go, wait * 1000 * tried))
  }
}

export const api = createClient<paths>({
  baseUrl: globalThis.location.origin,
  fetch: (request) => patiently(request),
})
api.use(withToken)

/** Calls back with every answer that went well: its method and address. */
export function onAnswer(then: (method: string, path: string) => void) {
  api.use({
    onResponse({ request, response }) {
      if (response.ok) then(request.method, new URL(request.url).pathname)
    },
  })
}

/** What the server refused, or that it could not be reached. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail || problem.title)
  }

  /** The message for an entry, if that entry was wrong. */
  field(name: string): string | undefined {
    return this.problem.fields.find((wrong) => wrong.field === name)?.message
  }

  /** What is asked about: figures far from the last ones, and nothing else was wrong. */
  get asks() {
    const { fields } = this.problem
    return fields.length > 0 && fields.every((field) => field.check) ? fields : []
  }

  /** Not taken for now, and worth sending again as it is: no answer came, the server was busy, or the session had ended. */
  get unreachable() {
    return [0, 401, 408, 503].includes(this.problem.status)
  }
}

const UNREACHABLE: Problem = {
  type: 'about:blank',
  title: say('serverCantBeReached'),
  status: 0,
  detail: say('yourEntriesAreSaved'),
  fields: [],
}

const signedOut = new Set<() => void>()

/** Calls back when the server says that no one is signed in any more. */
export function onSignedOut(then: () => void): () => void {
  signedOut.add(then)
  return () => signedOut.delete(then)
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The answer's body, or a ProblemError. */
export async function answerOf<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call
  } catch {
    throw new ProblemError(UNREACHABLE)
  }
  if (answer.response.ok) {
    return answer.data as T
  }
  if (answer.response.status === 401) for (const then of signedOut) then()
  const problem = answer.error as Partial<Problem> | undefined
  throw new ProblemError({
    type: 'about:blank',
    title: problem?.title ?? say('requestWasRefused'),
    status: answer.response.status,
    detail: problem?.detail ?? say('nothingWasStoredReload'),
    fields: problem?.fields ?? [],
    ...(problem?.current === undefined ? {} : { current: problem.current }),
  })
}

/** A key under which the server does a write only once, however often it is sent. */
export const onceKey = () => crypto.randomUUID()
