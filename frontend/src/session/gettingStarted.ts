import { useSyncExternalStore } from 'react'
import type { paths } from '../api/schema'
import type { Role } from './session'
import { say } from './words'

/** Something worth doing once to know the product by hand; done when the server has answered to it. */
export interface Step {
  key: string
  words: string
  to: string
  least: Role
  method: string
  /** The operations any of which does it; the compiler holds them against the API. */
  paths: readonly (keyof paths)[]
}

export const STEPS: readonly Step[] = [
  {
    key: 'why',
    words: say('openAVehicleThatMust'),
    to: '/fleet?state=DO_NOT_OPERATE',
    least: 'VIEWER',
    method: 'GET',
    paths: ['/api/vehicles/{id}'],
  },
  {
    key: 'jump',
    words: say('pressAndFindATire'),
    to: '/fleet',
    least: 'VIEWER',
    method: 'GET',
    paths: ['/api/search'],
  },
  {
    key: 'walk',
    words: say('walkAroundAVehiclePressure'),
    to: '/fleet',
    least: 'TECHNICIAN',
    method: 'POST',
    paths: ['/api/walk-arounds/{id}/finish'],
  },
  {
    key: 'plan',
    words: say('scheduleDueWork'),
    to: '/fleet',
    least: 'COORDINATOR',
    method: 'POST',
    paths: ['/api/jobs'],
  },
  {
    key: 'done',
    words: say('completeAJobWithWhat'),
    to: '/shop',
    least: 'TECHNICIAN',
    method: 'POST',
    paths: ['/api/jobs/{id}/completion', '/api/jobs/{id}/sheet/completion'],
  },
  {
    key: 'years',
    words: say('openThe15YearOutlook'),
    to: '/outlook',
    least: 'VIEWER',
    method: 'POST',
    paths: ['/api/outlook'],
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

const fits = (template: string, path: string) =>
  new RegExp(`^${template.replaceAll(/\{[^}]+\}/g, '[^/]+')}$`).test(path)

/** Notes on this device that a request went well, where it is one of the first steps. */
export function noteStep(method: string, path: string) {
  const step = STEPS.find((one) => one.method === method && one.paths.some((template) => fits(template, path)))
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
