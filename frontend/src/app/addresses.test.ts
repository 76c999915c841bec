import { describe, expect, it } from 'vitest'
import document from '../../openapi.json'
import { KEPT_ANSWERS } from '../offline/keptAnswers'

const SOURCES = import.meta.glob('../**/*.{ts,tsx}', { query: '?raw', import: 'default', eager: true }) as Record<
  string,
  string
>

const TEMPLATES = Object.keys(document.paths)

/** An address as the sources write it: values put in become one part, what is asked for stays out. */
const known = (address: string) => {
  const path = (address.split('?')[0] ?? '').replaceAll(/\$\{[^}]*\}/g, 'x')
  return TEMPLATES.some((template) => new RegExp(`^${template.replaceAll(/\{[^}]+\}/g, '[^/]+')}$`).test(path))
}

const addresses = (source: string) => [...source.matchAll(/["'`](\/api\/[^"'`\s]*)/g)].map((found) => found[1] ?? '')

describe('addresses of the server', () => {
  it('that a page links to, shows or listens to are all part of its API', () => {
    const wrong = Object.entries(SOURCES)
      .filter(([file]) => !/\.test\.|schema\.ts|\/test\//.test(file))
      .flatMap(([file, source]) => addresses(source).map((address) => [file, address] as const))
      .filter(([, address]) => !known(address.replace(/\$\{asEntered.*/, '')) && !TEMPLATES.includes(address))
    expect(wrong).toEqual([])
  })

  it('are looked for in links and templates, and an unknown one is found', () => {
    const photo = '/api/photos/$' + '{photo.id}'
    expect(addresses(`<a href={\`${photo}\`}>`)).toEqual([photo])
    expect(known(`${photo}?small=true`)).toBe(true)
    expect(known('/api/walk-scopes')).toBe(false)
  })

  it('kept for use out of reach are answers the walk-around asks for', () => {
    expect(KEPT_ANSWERS.every((address) => TEMPLATES.includes(address))).toBe(true)
    expect(SOURCES['../api/queries.ts']).toContain("'/api/walk-around-scopes'")
  })
})
