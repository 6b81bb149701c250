'use client'

import { useEffect } from 'react'

/** Single keys of the bench, unless something is being written or a button has the focus. */
export function useKeys(keys: Record<string, () => void>, on: boolean): void {
  useEffect(() => {
    if (!on) return
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (
        event.repeat ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        /INPUT|TEXTAREA|SELECT/.test(target.tagName)
      )
        return
      const onButton = target.tagName === 'BUTTON' || target.tagName === 'A' || target.getAttribute('role') === 'button'
      const act = keys[event.key.toLowerCase()]
      if (!act || (event.key === ' ' && onButton)) return
      event.preventDefault()
      act()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
}
