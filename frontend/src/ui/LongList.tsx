import { defaultRangeExtractor, type Range, useWindowVirtualizer } from '@tanstack/react-virtual'
import { Fragment, memo, type ReactNode, useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { flushSync } from 'react-dom'

/** A list no higher than this stands in the page whole: the browser's own search and a screen reader then see all of it. */
const SHORT_PX = 3000
/** So far beyond the window rows are ready before they come into sight. */
const SPARE_PX = 500

/** What a row of a long list puts on its element, so that it is counted and its height known. */
export type Place = {
  'data-index'?: number
  'aria-setsize'?: number
  'aria-posinset'?: number
  'aria-rowindex'?: number
  ref?: (element: HTMLElement | null) => void
}

interface Props<T> {
  of: T[]
  keyOf: (item: T) => string | number
  /** What the rows are, which decides what stands for those out of sight. */
  as: 'li' | 'tr' | 'div'
  /** About how high a row is, in pixels, until it is seen. */
  height: number
  row: (item: T, place: Place) => ReactNode
  /** Whether it stands in the page whole, where more lists than this one decide that. */
  whole?: boolean
  /** The row brought into sight, once. */
  show?: number | undefined
}

/**
 * The rows of a list of any length. Of a long one only those near the window are in the page, with empty room of the right height
 * for the others; the row that has the focus stays. On paper every row is there.
 */
export function LongList<T>(props: Props<T>) {
  const onPaper = useOnPaper()
  const keys = distinct(props.of.map(props.keyOf))
  if (onPaper || (props.whole ?? props.of.length * props.height <= SHORT_PX)) {
    return props.of.map((item, at) => <Fragment key={keys[at]}>{props.row(item, {})}</Fragment>)
  }
  return <InSight {...props} keys={keys} />
}

/** Two rows that say the same are two rows: under one key the page would keep the first for ever. */
function distinct(keys: (string | number)[]): string[] {
  const seen = new Map<string | number, number>()
  return keys.map((key) => {
    const before = seen.get(key) ?? 0
    seen.set(key, before + 1)
    return before === 0 ? String(key) : `${key} #${before + 1}`
  })
}

function InSight<T>({ of, keys, as, height, row, show }: Props<T> & { keys: string[] }) {
  const start = useRef<HTMLElement>(null)
  // Until its place is known only its room is there: not every list begins at the top of the window.
  const [top, setTop] = useState<number>()
  // What stands above may grow or shrink with any answer, and then the page does.
  useLayoutEffect(() => {
    const look = () => start.current && setTop(Math.round(start.current.getBoundingClientRect().top + window.scrollY))
    look()
    const watch = new ResizeObserver(look)
    watch.observe(document.body)
    return () => watch.disconnect()
  }, [])
  const range = useCallback((seen: Range) => {
    const rows = defaultRangeExtractor(seen)
    const kept = focusedRow(start.current?.parentElement)
    return kept === undefined || kept >= seen.count || rows.includes(kept)
      ? rows
      : [...rows, kept].sort((one, other) => one - other)
  }, [])
  const list = useWindowVirtualizer({
    count: top === undefined ? 0 : of.length,
    estimateSize: () => height,
    overscan: Math.ceil(SPARE_PX / height),
    scrollMargin: top ?? 0,
    getItemKey: (index) => keys[index] ?? index,
    rangeExtractor: range,
  })
  const placed = top !== undefined
  // biome-ignore lint/correctness/useExhaustiveDependencies: once it has a place, and when another row is asked for
  useEffect(() => {
    if (placed && show !== undefined) list.scrollToIndex(show, { align: 'center' })
  }, [placed, show])
  const shown: ReactNode[] = []
  let end = top ?? 0
  for (const one of list.getVirtualItems()) {
    if (one.start > end) shown.push(<Room key={`room ${one.key}`} as={as} height={one.start - end} />)
    shown.push(
      <Row
        key={one.key}
        item={of[one.index] as T}
        index={one.index}
        count={of.length}
        as={as}
        row={row}
        measure={list.measureElement}
      />,
    )
    end = one.end
  }
  return (
    <>
      <Room as={as} height={0} at={start} />
      {shown}
      <Room as={as} height={top === undefined ? of.length * height : Math.max(0, list.getTotalSize() + top - end)} />
    </>
  )
}

interface RowProps<T> {
  item: T
  index: number
  count: number
  as: 'li' | 'tr' | 'div'
  row: (item: T, place: Place) => ReactNode
  measure: (element: HTMLElement | null) => void
}

/** One row, drawn again only where it or what draws it has changed: not for every step of scrolling. */
const Row = memo(function Row<T>({ item, index, count, as, row, measure }: RowProps<T>) {
  return row(item, {
    'data-index': index,
    ref: measure,
    ...(as === 'li' && { 'aria-setsize': count, 'aria-posinset': index + 1 }),
    ...(as === 'tr' && { 'aria-rowindex': index + 2 }),
  })
}) as <T>(props: RowProps<T>) => ReactNode

/** Empty room where rows out of sight would stand. */
function Room({
  as,
  height,
  at,
}: {
  as: 'li' | 'tr' | 'div'
  height: number
  at?: React.RefObject<HTMLElement | null>
}) {
  const style = { height, padding: 0, border: 0, listStyle: 'none' }
  if (as === 'li') return <li aria-hidden ref={at as React.RefObject<HTMLLIElement>} style={style} />
  if (as === 'div') return <div aria-hidden ref={at as React.RefObject<HTMLDivElement>} style={style} />
  return (
    <tr aria-hidden ref={at as React.RefObject<HTMLTableRowElement>} style={style}>
      <td style={style} />
    </tr>
  )
}

function focusedRow(list: Element | null | undefined): number | undefined {
  const row = list?.contains(document.activeElement) ? document.activeElement?.closest('[data-index]') : null
  return row && list?.contains(row) ? Number(row.getAttribute('data-index')) : undefined
}

/** Whether the page is being put on paper. */
function useOnPaper(): boolean {
  const [onPaper, setOnPaper] = useState(false)
  useEffect(() => {
    // At once: the browser takes the page as it stands when this returns.
    const before = () => flushSync(() => setOnPaper(true))
    const after = () => setOnPaper(false)
    window.addEventListener('beforeprint', before)
    window.addEventListener('afterprint', after)
    return () => {
      window.removeEventListener('beforeprint', before)
      window.removeEventListener('afterprint', after)
    }
  }, [])
  return onPaper
}
