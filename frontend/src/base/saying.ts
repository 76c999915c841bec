import { IntlMessageFormat } from 'intl-messageformat'
import { createElement, Fragment, type ReactNode } from 'react'

/** A part of a sentence: words, a figure, or what decides between two wordings. */
export type Part = string | number | boolean | null | undefined

/**
 * Says the sentences of one place. They stand in words.json beside its code, in the notation of ICU messages: parts by name, plural
 * forms by their number. So a sentence is read and changed without reading code, and another language is another file.
 */
export function saying<Key extends string>(words: Readonly<Record<Key, string>>) {
  const made = new Map<Key, IntlMessageFormat>()
  return (key: Key, parts: Readonly<Record<string, Part>> = {}): string => {
    let sentence = made.get(key)
    if (!sentence) {
      sentence = new IntlMessageFormat(words[key], 'en-US', undefined, { ignoreTag: true })
      made.set(key, sentence)
    }
    return String(sentence.format(parts))
  }
}

/**
 * Says sentences of which some words are a link, a figure in bold or a name to type: in the words file they stand between tags,
 * <page>fleet page</page>, so that the sentence stays whole.
 */
export function sayingAround<Key extends string>(words: Readonly<Record<Key, string>>) {
  return (
    key: Key,
    parts: Readonly<Record<string, Part>>,
    around: Readonly<Record<string, (inner: ReactNode) => ReactNode>>,
  ): ReactNode => {
    const tags = Object.fromEntries(
      Object.entries(around).map(([tag, put]) => [tag, (inner: ReactNode[]) => put(inner.join(''))]),
    )
    const said = new IntlMessageFormat(words[key], 'en-US').format<ReactNode>({ ...parts, ...tags })
    return createElement(Fragment, null, ...(Array.isArray(said) ? said : [said]))
  }
}
