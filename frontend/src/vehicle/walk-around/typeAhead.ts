/**
 * Keys pressed between the Enter that leaves one position and the form of the next: on a slow device that takes a while, and
 * people type on without looking. They are kept for the next position, figure by figure with the Enters between them, and never
 * reach a field of the one left.
 */
class TypeAhead {
  private typed: string | null = null

  private readonly take = (event: KeyboardEvent) => {
    if (this.typed === null || event.ctrlKey || event.metaKey || event.altKey) return
    if (event.key === 'Enter') this.typed += '\n'
    else if (event.key === 'Backspace') this.typed = this.typed.replace(/[0-9.,]$/, '')
    else if (/^[0-9.,]$/.test(event.key)) this.typed += event.key
    else return
    event.preventDefault()
    event.stopPropagation()
  }

  /** The position is left; what is already typed for those after it comes along. */
  begin(typed: string[] = []) {
    this.typed = typed.join('\n')
    document.addEventListener('keydown', this.take, true)
  }

  /** The next form is there, or none comes: the figures typed meanwhile, one for each field; the last may be unfinished. */
  end(): string[] {
    document.removeEventListener('keydown', this.take, true)
    const typed = this.typed ?? ''
    this.typed = null
    return typed === '' ? [] : typed.split('\n')
  }
}

export const typeAhead = new TypeAhead()
