import { useSyncExternalStore } from 'react'
import type { Role } from './session'

/** Something worth doing once to know the product by hand; done when the server has answered to it. */
export interface Step {
  key: string
  words: string
  to: string
  least: Role
  method: string
  path: RegExp
}

export const STEPS: readonly Step[] = [
  {
    key: 'why',
    words: 'Open a vehicle that must not operate, and read why',
    to: '/?state=DO_NOT_OPERATE',
    least: 'VIEWER',
    method: 'GET',
    path: /^\/api\/vehicles\/\d+$/,
  },
  {
    key: 'jump',
    words: 'Press / and find a tire by its number or DOT code',
    to: '/',
    least: 'VIEWER',
    method: 'GET',
    path: /^\/api\/jump$/,
  },
  {
    key: 'walk',
    words: 'Walk around a vehicle: pressure, tread and findings, then finish',
    to: '/',
    least: 'TECHNICIAN',
    method: 'POST',
    path: /^\/api\/walk-rounds\/\d+\/finish$/,
  },
  {
    key: 'plan',
    words: 'Put due work on a day',
    to: '/',
    least: 'COORDINATOR',
    method: 'POST',
    path: /^\/api\/jobs$/,
  },
  {
    key: 'done',
    words: 'Sign a job off with what was read after it',
    to: '/shop',
    least: 'TECHNICIAN',
    method: 'POST',
    path: /^\/api\/jobs\/\d+\/(done|sheet\/close)$/,
  },
  {
    key: 'years',
    words: 'Open the 15-year outlook, and try another limit',
    to: '/outlook',
    least: 'VIEWER',
    method: 'POST',
    path: /^\/api\/outlook$/,
  },
]

const KEY = 'rotagens.steps'
const AWAY = 'put-away'
const listeners = new Set<() => void>()

const read = () => localStorage.getItem(KEY) ?? ''

function write(next: string[]) {
  localStorage.setItem(KEY, [...new Set(next)].join(' '))
  for (const listener of listeners) listener()
}

const all = () => read().split(' ').filter(Boolean)

/** Notes on this device that a request went well, where it is one of the first steps. */
export function noteStep(method: string, path: string) {
  const step = STEPS.find((one) => one.method === method && one.path.test(path))
  if (step && !all().includes(step.key)) write([...all(), step.key])
}

/** Which steps were done here, and whether they were put away. */
export function useSteps() {
  const text = useSyncExternalStore((listener) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }, read)
  const done = text.split(' ')
  return {
    isDone: (step: Step) => done.includes(step.key),
    away: done.includes(AWAY),
    putAway: () => write([...all(), AWAY]),
    bringBack: () => write(all().filter((one) => one !== AWAY)),
  }
}
