/**
 * Keys pressed between the Enter that leaves one position and the form of the next: on a slow device that takes a while, and
 * people type on without looking. They are kept for the next position, and never reach a field of the one left.
 */
class TypeAhead {
  private typed: string | null = null

  private readonly take = (event: KeyboardEvent) => {
    if (this.typed === null || event.ctrlKey || event.metaKey || event.altKey) return
    if (/^[0-9.,]$/.test(event.key)) {
      this.typed += event.key
      event.preventDefault()
      event.stopPropagation()
    }
  }

  /** The position is left. */
  begin() {
    this.typed = ''
    document.addEventListener('keydown', this.take, true)
  }

  /** The next form is there, or none comes: what was typed meanwhile. */
  end(): string {
    document.removeEventListener('keydown', this.take, true)
    const typed = this.typed ?? ''
    this.typed = null
    return typed
  }
}

export const typeAhead = new TypeAhead()
