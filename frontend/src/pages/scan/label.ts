/**
 * Where the label of a vehicle or tire leads: the page named in its address, on whichever server reads it, since a label outlives
 * a moved server. Nothing for a code that isn't one of ours.
 */
export function pageOf(code: string): string | undefined {
  let path: string
  try {
    path = new URL(code.trim()).pathname
  } catch {
    return undefined
  }
  return /^\/(vehicles|tires)\/[1-9]\d{0,9}$/.test(path) ? path : undefined
}
