import { type CSSProperties, type ReactNode, useCallback, useState } from 'react'

/** Beyond this a drawing isn’t squeezed any further: it scrolls in its own box instead. */
const MOST = 1.2
const TEXT_PX = 12

/**
 * A picture that shrinks with its column and keeps its text at 12 pixels or more at every width.
 *
 * `width` and `height` are of the drawing’s own units, in which it is 12-pixel text at its natural size.
 */
export function Drawing(props: {
  width: number
  height: number
  label: string
  maxWidth?: number
  style?: CSSProperties
  children: ReactNode
}) {
  const { width } = props
  const [factor, setFactor] = useState(1)
  const ref = useCallback(
    (drawing: SVGSVGElement | null) => {
      if (!drawing || !('ResizeObserver' in globalThis)) return
      const measure = () => {
        const shown = drawing.getBoundingClientRect().width
        if (shown > 0) setFactor(Math.min(MOST, Math.max(1, width / shown)))
      }
      measure()
      const watch = new ResizeObserver(measure)
      watch.observe(drawing)
      return () => watch.disconnect()
    },
    [width],
  )
  return (
    <div style={{ overflowX: 'auto' }} {...(factor > MOST - 0.02 && { tabIndex: 0 })}>
      <svg
        ref={ref}
        viewBox={`0 0 ${width} ${props.height}`}
        width="100%"
        role="img"
        aria-label={props.label}
        style={{
          display: 'block',
          ...(props.maxWidth !== undefined && { maxWidth: props.maxWidth }),
          minWidth: Math.ceil(width / MOST),
          fontSize: TEXT_PX * factor * 1.002,
          ...props.style,
        }}
      >
        {props.children}
      </svg>
    </div>
  )
}
