/** What a label says short: V and a vehicle's number, or T and a tire's. */
const SHORT = /^(?:\/s\/)?([VT])([1-9]\d{0,9})$/

/** The short code printed on a label and drawn into its square. */
export const labelCode = (what: 'vehicle' | 'tire', id: number) => `${what === 'vehicle' ? 'V' : 'T'}${id}`

/**
 * Where the label of a vehicle or tire leads: the page its short code names, on whichever server reads it, since a label outlives
 * a moved server. Labels printed before there were short codes name the page itself. Nothing for a code that isn't one of ours.
 */
export function pageOf(code: string): string | undefined {
  const bare = code.trim()
  if (/^[VT]\d+$/.test(bare)) return page(bare)
  let path: string
  try {
    path = new URL(bare).pathname
  } catch {
    return undefined
  }
  if (path.startsWith('/s/')) return page(path)
  return /^\/(vehicles|tires)\/[1-9]\d{0,9}$/.test(path) ? path : undefined
}

function page(code: string): string | undefined {
  const [, kind, id] = SHORT.exec(code) ?? []
  return id === undefined ? undefined : `/${kind === 'V' ? 'vehicles' : 'tires'}/${id}`
}
