'use client'

import { Children, useEffect, useRef, useState, type ReactNode } from 'react'
import { Sheet } from '../frame/Sheet'
import { howManyFit } from './howManyFit'
import styles from './bench.module.css'

interface FoldProps {
  title: string
  /** Its place on the bench. */
  area: 'mind' | 'steps'
  /** What is folded, for its button, such as `step`. */
  one: string
  many: string
  children: ReactNode
  /** Told how many there are in all. */
  onCount?: (count: number) => void
}

const ALL = { all: 0, rest: 0, from: Infinity, musts: 0 }

/** How many lines there are, how many have no room, which is the first of those, and how many musts are among them. */
function fitting(room: HTMLElement, list: HTMLElement): typeof ALL {
  const shown = [...list.children].filter((each): each is HTMLElement => (each as HTMLElement).offsetHeight > 0)
  const scrolls = getComputedStyle(room).overflowY === 'auto'
  const ends = shown.map((each) => each.offsetTop + each.offsetHeight)
  const some = scrolls ? shown.length : howManyFit(ends, room.clientHeight)
  const first = shown[some]
  return {
    all: shown.length,
    rest: shown.length - some,
    from: first ? [...list.children].indexOf(first) : Infinity,
    musts: shown.slice(some).filter((each) => each.querySelector('[data-level=must]') !== null).length,
  }
}

/** As many of its lines as have room, and one press for the rest that says how many. Where it may scroll nothing is folded. */
export function Fold({ title, area, one, many, children, onCount }: FoldProps) {
  const room = useRef<HTMLElement>(null)
  const list = useRef<HTMLUListElement>(null)
  const [{ rest, from, musts }, setShown] = useState(ALL)
  const [open, setOpen] = useState(false)
  const lines = Children.toArray(children)
  useEffect(() => {
    const [outer, inner] = [room.current, list.current]
    if (!outer || !inner) return
    const look = () => {
      // A must keeps its first clause where the reasons of all have no room: rather that than a must behind a press.
      inner.dataset.brief = 'false'
      let now = fitting(outer, inner)
      if (now.musts > 0) {
        inner.dataset.brief = 'true'
        now = fitting(outer, inner)
      }
      setShown(now)
      onCount?.(now.all)
    }
    const watch = new ResizeObserver(look)
    watch.observe(outer)
    watch.observe(inner)
    return () => watch.disconnect()
  }, [onCount])
  const words = from === 0 ? `${rest} ${rest === 1 ? one : many}` : `and ${rest} more`
  return (
    <section ref={room} className={styles.fold} data-area={area} aria-label={title}>
      <ul ref={list} data-folded={rest > 0}>
        {lines.map((each, at) => (
          // A line without room stays in its place, unseen, so that its height is known when there is room again.
          <li key={at} data-behind={at >= from}>
            {each}
          </li>
        ))}
      </ul>
      {rest > 0 && (
        <button type="button" className={styles.unfold} data-must={musts > 0} onClick={() => setOpen(true)}>
          {musts > 0 ? `${words}, ${musts === 1 ? 'a must' : `${musts} musts`}` : words}
        </button>
      )}
      {open && (
        <Sheet title={title} onClose={() => setOpen(false)}>
          <ul className={styles.unfolded}>
            {lines.map((each, at) => (
              <li key={at}>{each}</li>
            ))}
          </ul>
        </Sheet>
      )}
    </section>
  )
}
