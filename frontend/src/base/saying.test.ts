import { render } from '@testing-library/react'
import { IntlMessageFormat } from 'intl-messageformat'
import { createElement } from 'react'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { saying, sayingAround } from './saying'

const SOURCES = import.meta.glob<string>('../**/*.{ts,tsx}', { query: '?raw', import: 'default', eager: true })
const WORDS = import.meta.glob<Record<string, string>>('../**/words.json', { import: 'default', eager: true })
const folder = (file: string) => file.slice(0, file.lastIndexOf('/'))

interface Element {
  readonly type: number
  readonly value: string
  readonly options?: Readonly<Record<string, { readonly value: readonly Element[] }>>
  readonly children?: readonly Element[]
}
const LITERAL = 0
const NUMBER_SIGN = 7

function partsOf(elements: readonly Element[]): string[] {
  return elements.flatMap((element) => [
    ...(element.type === LITERAL || element.type === NUMBER_SIGN ? [] : [element.value]),
    ...Object.values(element.options ?? {}).flatMap((option) => partsOf(option.value)),
    ...partsOf(element.children ?? []),
  ])
}

const parts = (sentence: string, ignoreTag: boolean) =>
  [
    ...new Set(
      partsOf(new IntlMessageFormat(sentence, 'en-US', undefined, { ignoreTag }).getAst() as unknown as Element[]),
    ),
  ].sort()

interface Said {
  readonly key: string
  readonly given: string[]
  readonly isAround: boolean
}

function said(file: string, source: string): Said[] {
  const found: Said[] = []
  const visit = (node: ts.Node) => {
    if (
      ts.isCallExpression(node) &&
      ts.isIdentifier(node.expression) &&
      ['say', 'sayAround'].includes(node.expression.text)
    ) {
      const [key, ...given] = node.arguments
      if (key && ts.isStringLiteral(key))
        found.push({
          key: key.text,
          given: given
            .flatMap((names) => (ts.isObjectLiteralExpression(names) ? [...names.properties] : []))
            .map((property) => property.name?.getText() ?? '')
            .sort(),
          isAround: node.expression.text === 'sayAround',
        })
    }
    ts.forEachChild(node, visit)
  }
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS
  visit(ts.createSourceFile(file, source, ts.ScriptTarget.ES2022, true, kind))
  return found
}

describe('sentences', () => {
  const say = saying({
    due: '{count, plural, =0 {No tire} one {# tire} other {# tires}} of {unit} due{parked, select, true {, parked} other {}}.',
    plain: 'Tire’s mate',
  })

  it('are put together from their parts, with the plural form of the number', () => {
    expect(say('due', { count: 0, unit: 'LC-01', parked: false })).toBe('No tire of LC-01 due.')
    expect(say('due', { count: 1, unit: 'LC-01', parked: true })).toBe('1 tire of LC-01 due, parked.')
    expect(say('due', { count: 12, unit: 1024, parked: false })).toBe('12 tires of 1024 due.')
    expect(say('plain')).toBe('Tire’s mate')
  })

  it('leave out a part that is not there', () => {
    expect(say('due', { count: 2, unit: undefined, parked: null })).toBe('2 tires of  due.')
  })

  it('stay whole where some of their words are a link or stand out', () => {
    const around = sayingAround({ due: 'Schedule work of {unit} from the <page>fleet page</page>, then come back.' })
    const { container } = render(around('due', { unit: 'LC-01' }, { page: (inner) => createElement('b', null, inner) }))
    expect(container.innerHTML).toBe('Schedule work of LC-01 from the <b>fleet page</b>, then come back.')
  })

  it('are given the very parts they name, and none stands in a file that nothing says', () => {
    const wrong: string[] = []
    const used = new Map<string, Set<string>>()
    for (const [file, source] of Object.entries(SOURCES).filter(([file]) => !file.includes('.test.'))) {
      for (const { key, given, isAround } of said(file, source)) {
        const sentence = WORDS[`${folder(file)}/words.json`]?.[key]
        const wanted = sentence === undefined ? ['nothing: no such key'] : parts(sentence, !isAround)
        if (wanted.join() !== given.join()) wrong.push(`${file} ${key}: gives ${given}, wants ${wanted}`)
        used.set(folder(file), (used.get(folder(file)) ?? new Set()).add(key))
      }
    }
    for (const [file, words] of Object.entries(WORDS))
      for (const key of Object.keys(words))
        if (!used.get(folder(file))?.has(key)) wrong.push(`${file} ${key}: nothing says it`)
    expect(Object.keys(WORDS).length).toBeGreaterThan(40)
    expect(wrong).toEqual([])
  })
})
