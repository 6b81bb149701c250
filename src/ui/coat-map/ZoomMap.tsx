'use client'

import { useEffect, useRef, useState, type PointerEvent, type ReactNode } from 'react'
import { saveSvg } from './saveSvg'
import styles from './zoomMap.module.css'

interface ZoomMapProps {
  /** Names the file when the map is saved. */
  name: string
  children: ReactNode
}

interface Look {
  scale: number
  x: number
  y: number
}

const WHOLE: Look = { scale: 1, x: 0, y: 0 }
const MOST = 4
const STEP = 1.4

/** A map that can be gone close to: two fingers, Ctrl and the wheel, or the buttons; and saved as a picture. */
export function ZoomMap({ name, children }: ZoomMapProps) {
  const box = useRef<HTMLDivElement>(null)
  const fingers = useRef(new Map<number, { x: number; y: number }>())
  const [look, setLook] = useState(WHOLE)
  /** Keeps the point under the fingers where it is. */
  const zoom = (by: number, at: { x: number; y: number }) =>
    setLook((now) => {
      const scale = Math.min(MOST, Math.max(1, now.scale * by))
      const moved = scale / now.scale
      return scale === 1 ? WHOLE : { scale, x: at.x - (at.x - now.x) * moved, y: at.y - (at.y - now.y) * moved }
    })
  const placeOf = ({ clientX, clientY }: { clientX: number; clientY: number }) => {
    const rect = box.current?.getBoundingClientRect()
    return { x: clientX - (rect?.left ?? 0), y: clientY - (rect?.top ?? 0) }
  }
  const middle = () => ({ x: (box.current?.clientWidth ?? 0) / 2, y: (box.current?.clientHeight ?? 0) / 2 })
  useEffect(() => {
    const map = box.current
    const wheel = (event: WheelEvent) => {
      if (!event.ctrlKey) return
      event.preventDefault()
      const rect = map?.getBoundingClientRect()
      zoom(event.deltaY < 0 ? STEP : 1 / STEP, {
        x: event.clientX - (rect?.left ?? 0),
        y: event.clientY - (rect?.top ?? 0),
      })
    }
    // React's own wheel listener may not keep the page from zooming too.
    map?.addEventListener('wheel', wheel, { passive: false })
    return () => map?.removeEventListener('wheel', wheel)
  }, [])
  const move = (event: PointerEvent) => {
    const before = fingers.current.get(event.pointerId)
    if (!before) return
    const now = placeOf(event)
    const other = [...fingers.current].find(([id]) => id !== event.pointerId)?.[1]
    fingers.current.set(event.pointerId, now)
    if (other) {
      const apart = (a: { x: number; y: number }) => Math.max(1, Math.hypot(a.x - other.x, a.y - other.y))
      zoom(apart(now) / apart(before), { x: (now.x + other.x) / 2, y: (now.y + other.y) / 2 })
    } else if (look.scale > 1)
      setLook((each) => ({ ...each, x: each.x + now.x - before.x, y: each.y + now.y - before.y }))
  }
  const lift = (event: PointerEvent) => fingers.current.delete(event.pointerId)
  return (
    <div>
      <div
        ref={box}
        className={styles.box}
        onPointerDown={(event) => fingers.current.set(event.pointerId, placeOf(event))}
        onPointerMove={move}
        onPointerUp={lift}
        onPointerCancel={lift}
        onPointerLeave={lift}
      >
        <div style={{ transform: `translate(${look.x}px, ${look.y}px) scale(${look.scale})`, transformOrigin: '0 0' }}>
          {children}
        </div>
      </div>
      <div className={styles.tools}>
        <button className="kv-word" onClick={() => zoom(STEP, middle())} disabled={look.scale >= MOST}>
          Closer
        </button>
        <button className="kv-word" onClick={() => setLook(WHOLE)} disabled={look.scale === 1}>
          Whole dog
        </button>
        <button
          className="kv-word"
          onClick={() => {
            const map = box.current?.querySelector('svg')
            if (map) saveSvg(map, name)
          }}
        >
          Save as SVG
        </button>
      </div>
    </div>
  )
}
