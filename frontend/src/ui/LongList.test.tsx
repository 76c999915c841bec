import { fireEvent, render, screen } from '@testing-library/react'
import { beforeEach, describe, expect, test, vi } from 'vitest'
import { everythingHigh } from '../test/layout'
import { LongList } from './LongList'

const lines = (count: number) => Array.from({ length: count }, (_, at) => `line ${at + 1}`)

function shown(count: number) {
  return render(
    <ul>
      <LongList
        of={lines(count)}
        keyOf={(line) => line}
        as="li"
        height={30}
        row={(line, place) => (
          <li {...place}>
            <button type="button">{line}</button>
          </li>
        )}
      />
    </ul>,
  )
}

function scrollTo(y: number) {
  vi.stubGlobal('scrollY', y)
  // The list's own beginning goes up as the page goes down.
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, -y, 0, 0))
  fireEvent.scroll(window)
}

describe('a long list', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    everythingHigh(30)
  })

  test('stands in the page whole while it is short', () => {
    shown(100)
    expect(screen.getAllByRole('listitem')).toHaveLength(100)
  })

  test('has only the rows near the window in the page, counted, with room for the others', () => {
    shown(2000)
    const rows = screen.getAllByRole('listitem')
    expect(rows.length).toBeGreaterThan(20)
    expect(rows.length).toBeLessThan(60)
    expect(rows[0]).toHaveTextContent('line 1')
    expect(rows[0]).toHaveAttribute('aria-setsize', '2000')
    expect(rows[0]).toHaveAttribute('aria-posinset', '1')
    const room = document.querySelector('ul')?.lastElementChild as HTMLElement
    expect(Number.parseFloat(room.style.height) + rows.length * 30).toBe(60_000)
  })

  test('shows two rows that say the same as two, and takes both away', () => {
    const list = (of: string[]) => (
      <ul>
        <LongList
          of={of}
          keyOf={(line) => line}
          as="li"
          height={30}
          row={(line, place) => <li {...place}>{line}</li>}
        />
      </ul>
    )
    const { rerender } = render(list(['job 1', 'job 2', 'job 2']))
    expect(screen.getAllByText('job 2')).toHaveLength(2)
    rerender(list(['job 1']))
    expect(screen.queryByText('job 2')).toBeNull()
  })

  test('shows other rows once scrolled, and keeps the row that has the focus', () => {
    shown(2000)
    screen.getByText('line 3').focus()
    scrollTo(30_000)
    expect(screen.getByText('line 1001')).toBeVisible()
    expect(screen.queryByText('line 2')).toBeNull()
    expect(screen.getByText('line 3')).toHaveFocus()
  })

  test('is all there on paper', () => {
    shown(300)
    fireEvent(window, new Event('beforeprint'))
    expect(screen.getAllByRole('listitem')).toHaveLength(300)
    fireEvent(window, new Event('afterprint'))
    expect(screen.getAllByRole('listitem').length).toBeLessThan(60)
  })
})
