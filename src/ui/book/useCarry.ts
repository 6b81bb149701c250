import type { BookLine } from '@/core/book'
import {
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type ClientRect,
  type CollisionDetection,
  type DragMoveEvent,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core'
import { useCallback, useRef, useState, type RefObject } from 'react'
import type { Day } from '@/core/units'
import type { Scale } from './scale'

/** Where a booking is carried to. Minutes after midnight. */
export interface Carried {
  line: BookLine
  day: Day
  staffId: number
  from: number
  /** Where that line stands in the board, px. */
  place: Place
}

export interface Place {
  left: number
  top: number
  width: number
  height: number
}

/** A carried booking moves by this, minutes. Source: common practice. */
const STEP_MIN = 15

const middle = ({ top, height }: ClientRect) => top + height / 2

/** The line whose height is nearest to what is carried; how far along it stands makes no difference. */
const nearestLine: CollisionDetection = ({ collisionRect, droppableRects, droppableContainers }) => {
  const y = middle(collisionRect)
  return droppableContainers
    .flatMap((droppableContainer) => {
      const rect = droppableRects.get(droppableContainer.id)
      const value = rect ? Math.abs(middle(rect) - y) : Infinity
      return [{ id: droppableContainer.id, data: { droppableContainer, value } }]
    })
    .sort((a, b) => a.data.value - b.data.value)
    .slice(0, 1)
}

function placeOf(board: HTMLElement | null, day: Day, staffId: number): Place | null {
  const track = board?.querySelector(`[data-line="${day} ${staffId}"]`)
  if (!board || !track) return null
  const [to, base] = [track.getBoundingClientRect(), board.getBoundingClientRect()]
  return { left: to.left - base.left, top: to.top - base.top, width: to.width, height: to.height }
}

/** What is carried over a book, by hand or by keyboard: it is told only when the quarter or the line changes. */
export function useCarry(lines: readonly BookLine[], scale: Scale, track: RefObject<HTMLElement | null>) {
  const [carried, setCarried] = useState<Carried | null>(null)
  const latest = useRef<Carried | null>(null)
  const pxPerMin = useCallback(() => {
    const width = track.current?.querySelector('[data-track]')?.getBoundingClientRect().width ?? 1
    return width / (scale.to - scale.from)
  }, [track, scale])
  const keys: KeyboardCoordinateGetter = (event, { currentCoordinates, context }) => {
    const { x, y } = currentCoordinates
    const step = STEP_MIN * pxPerMin()
    if (event.code === 'ArrowRight') return { x: x + step, y }
    if (event.code === 'ArrowLeft') return { x: x - step, y }
    const height = context.collisionRect?.height ?? 0
    const rects = [...context.droppableRects.values()].map((rect) => middle(rect) - height / 2).sort((a, b) => a - b)
    const next = event.code === 'ArrowDown' ? rects.find((top) => top > y + 2) : rects.findLast((top) => top < y - 2)
    return event.code === 'ArrowDown' || event.code === 'ArrowUp' ? { x, y: next ?? y } : undefined
  }
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: keys,
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space', 'Enter'] },
    }),
  )
  const put = (next: Carried | null) => {
    latest.current = next
    setCarried(next)
  }
  const move = ({ active, over, delta }: DragMoveEvent) => {
    const line = lines.find(({ bookingId }) => bookingId === active.id)
    if (!line) return
    const target = over?.data.current as { day: Day; staffId: number } | undefined
    const min = line.from + delta.x / pxPerMin()
    const latestMin = Math.max(scale.from, scale.to - line.slotMin)
    const from = Math.min(Math.max(Math.round(min / STEP_MIN) * STEP_MIN, scale.from), latestMin)
    const { day, staffId } = target ?? line
    const was = latest.current
    if (was && was.from === from && was.day === day && was.staffId === staffId) return
    const place = placeOf(track.current, day, staffId)
    if (place) put({ line, from, day, staffId, place })
  }
  return { carried, sensors, collisionDetection: nearestLine, move, drop: () => latest.current, let: () => put(null) }
}
