import type { Placed } from './placed'

/** How high an hour is drawn: a job of half an hour still has its unit and what is done. */
export const HOUR_PX = 64

/** The least a job is drawn with, for a finger. */
const LEAST_PX = 44

/** The first hour that is drawn, and how many. */
export interface Hours {
  first: number
  count: number
}

const hourOf = (time: string) => Number(time.slice(0, 2)) + Number(time.slice(3, 5)) / 60

/** From before the first job to after the last; at least the usual day. */
export function hoursOf(jobs: Pick<Placed, 'start' | 'end'>[]): Hours {
  const starts = jobs.flatMap((job) => (job.start ? [hourOf(job.start)] : []))
  const ends = jobs.flatMap((job) => (job.end ? [hourOf(job.end)] : []))
  const first = Math.floor(Math.min(8, ...starts))
  return { first, count: Math.ceil(Math.max(16, ...ends)) - first }
}

/** Where a job stands on the scale. */
export function spanOf(job: Pick<Placed, 'start' | 'end'>, hours: Hours): { top: number; height: number } {
  const start = job.start ? hourOf(job.start) : hours.first
  const end = job.end ? hourOf(job.end) : start
  return { top: (start - hours.first) * HOUR_PX + 1, height: Math.max(LEAST_PX, (end - start) * HOUR_PX - 2) }
}

/** The time so far down the scale, to a quarter of an hour; never before its first hour. */
export function timeAt(down: number, hours: Hours): string {
  const quarters = Math.max(0, Math.round((down / HOUR_PX) * 4))
  return `${String(hours.first + Math.floor(quarters / 4)).padStart(2, '0')}:${String((quarters % 4) * 15).padStart(2, '0')}`
}
