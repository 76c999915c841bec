import { IntlMessageFormat } from 'intl-messageformat'

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
