// Audits what ships, without a network: node tools/audit.mjs [FOLDER of advisories in OSV format]
// Components come from two CycloneDX lists, the server's (Maven) and the interface's (npm); see docs/security.md.
import { execFileSync } from 'node:child_process'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

/** Licences that may ship with an Apache-2.0 product; whatever offers one of several counts by the one that may. */
const ALLOWED =
  /^(Apache[- ]|The Apache|Apache License|MIT|MIT-0|The MIT|ISC|0BSD|BSD|The BSD|New BSD|Modified BSD|EDL|Eclipse Distribution|EPL|Eclipse Public|CC0|OFL-1\.1|Public Domain|Unlicense|Zlib|Unicode-3\.0|LGPL|GNU Lesser|MPL|UPL|iCal4j - License|Bouncy Castle Licence|GPL2 w\/ CPE|GPL-2\.0-with-classpath)/i

const licences = (component) =>
  (component.licenses ?? []).map((one) => one.license?.id ?? one.license?.name ?? one.expression ?? '')

/** Whether a licence may ship, or an SPDX expression: of OR one part that may is enough, of AND every part must. */
export function mayShip(said) {
  const words = said.replace(/[()]/g, ' $& ').trim().split(/\s+/)
  if (!words.some((word) => word === 'OR' || word === 'AND')) return ALLOWED.test(said.replace(/^[\s(]+/, ''))
  let at = 0
  const part = () => {
    if (words[at] === '(') {
      at++
      const inside = either()
      at++
      return inside
    }
    const name = []
    while (at < words.length && !['OR', 'AND', ')'].includes(words[at])) name.push(words[at++])
    return ALLOWED.test(name.join(' '))
  }
  const both = () => {
    let all = part()
    while (words[at] === 'AND') {
      at++
      all = part() && all
    }
    return all
  }
  const either = () => {
    let any = both()
    while (words[at] === 'OR') {
      at++
      any = both() || any
    }
    return any
  }
  return either()
}

/** Two versions compared part by part, figures as figures; a part with letters stands before the same without. */
export function compare(one, other) {
  const parts = (version) => version.split(/[.+-]/).map((part) => (/^\d+$/.test(part) ? Number(part) : part))
  const [a, b] = [parts(one), parts(other)]
  for (let at = 0; at < Math.max(a.length, b.length); at++) {
    const [x, y] = [a[at] ?? 0, b[at] ?? 0]
    if (x === y) continue
    if (typeof x !== typeof y) return typeof x === 'string' ? -1 : 1
    return x < y ? -1 : 1
  }
  return 0
}

/** Whether an advisory's ranges or list of versions take in this one. */
export function affects(advisory, name, version) {
  return (advisory.affected ?? []).some(
    (one) =>
      one.package?.name === name &&
      ((one.versions ?? []).includes(version) ||
        (one.ranges ?? []).some((range) => {
          let inside = false
          for (const event of range.events ?? []) {
            if (event.introduced !== undefined && (event.introduced === '0' || compare(version, event.introduced) >= 0))
              inside = true
            if (event.fixed !== undefined && compare(version, event.fixed) >= 0) inside = false
            if (event.last_affected !== undefined && compare(version, event.last_affected) > 0) inside = false
          }
          return inside
        })),
  )
}

/** What is wrong with these components, one line each. */
export function faults(components, advisories) {
  const found = []
  for (const component of components) {
    const name = component.group ? `${component.group}:${component.name}` : component.name
    const said = licences(component)
    if (said.length === 0) found.push(`${name} ${component.version}: says no licence`)
    else if (!said.some(mayShip))
      found.push(`${name} ${component.version}: licence ${said.join(', ')} may not ship`)
    for (const advisory of advisories)
      if (affects(advisory, name, component.version))
        found.push(`${name} ${component.version}: ${advisory.id} ${advisory.summary ?? ''}`.trim())
  }
  return found
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const root = join(dirname(fileURLToPath(import.meta.url)), '..')
  const folder = process.argv[2] ?? join(root, 'tools/advisories')
  const advisories = readdirSync(folder)
    .filter((file) => file.endsWith('.json'))
    .map((file) => JSON.parse(readFileSync(join(folder, file), 'utf8')))
  const server = join(root, 'server/target/bom.json')
  if (!existsSync(server)) throw new Error('Build first: server/target/bom.json is missing.')
  const maven = JSON.parse(readFileSync(server, 'utf8')).components.filter((one) => one.group !== 'rotagens')
  const npm = JSON.parse(
    execFileSync('npm', ['sbom', '--sbom-format', 'cyclonedx', '--omit', 'dev', '--package-lock-only'], {
      cwd: join(root, 'frontend'),
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'ignore'],
      maxBuffer: 1 << 26,
    }),
  ).components
  const lock = JSON.parse(readFileSync(join(root, 'frontend/package-lock.json'), 'utf8')).packages
  const unsealed = Object.entries(lock)
    .filter(([path, one]) => path !== '' && !one.link && !one.integrity)
    .map(([path]) => `${path}: no checksum in the lock file`)
  const found = [...faults([...maven, ...npm], advisories), ...unsealed]
  for (const fault of found) console.error(fault)
  console.log(
    `${maven.length + npm.length} components shipped, ${advisories.length} advisories on file: ${found.length} ${found.length === 1 ? 'fault' : 'faults'}`,
  )
  process.exit(found.length === 0 ? 0 : 1)
}
