/** What is typed to find something counts by its letters and digits: spaces, hyphens, slashes, dots and case don't. */
export const bare = (text: string) => text.toLowerCase().replace(/[\s\-/._,'’·]+/g, '')

/** Whether a text holds every word of what is typed. */
export const holds = (text: string, typed: string) => {
  const all = bare(text)
  return typed.split(/\s+/).every((word) => all.includes(bare(word))) || all.includes(bare(typed))
}
