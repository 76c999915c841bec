import type { Schemas } from '../api/client'

export type SheetView = Schemas['JobSheetView']
export type StepView = Schemas['StepView']

/** The step a person does next after one: the next open one at the same wheel, else the first open one. */
export function nextAfter(steps: StepView[], key: string | undefined): StepView | undefined {
  const at = steps.findIndex((step) => step.key === key)
  const here = at < 0 ? undefined : steps[at]
  const later = steps.slice(at + 1)
  return (
    later.find((step) => step.state === 'OPEN' && step.position === here?.position) ??
    later.find((step) => step.state === 'OPEN') ??
    steps.find((step) => step.state === 'OPEN')
  )
}

/** Steps in their phases, as they follow each other. */
export function phases(steps: StepView[]): { title: string; steps: StepView[] }[] {
  const groups: { title: string; steps: StepView[] }[] = []
  for (const step of steps) {
    const title = step.position ? `${step.phase}, ${step.position}` : step.phase
    const last = groups.at(-1)
    if (last?.title === title) last.steps.push(step)
    else groups.push({ title, steps: [step] })
  }
  return groups
}

const keyOf = (jobId: number, step: string) => `rotagens.sheet.${jobId}.${step}`

/** What is typed at a step stays on this device until the step is marked, also when the battery dies. */
export const draft = {
  read: (jobId: number, step: string) =>
    JSON.parse(localStorage.getItem(keyOf(jobId, step)) ?? '{}') as Record<string, string>,
  write: (jobId: number, step: string, fields: Record<string, string>) =>
    localStorage.setItem(keyOf(jobId, step), JSON.stringify(fields)),
  forget: (jobId: number, step: string) => localStorage.removeItem(keyOf(jobId, step)),
}
