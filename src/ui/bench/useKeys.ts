'use client'

import { isTyping, useKeyOnPage } from '../keys/useKeyDown'

/** Single keys of the bench, unless something is being written or a button has the focus. */
export function useKeys(keys: Record<string, () => void>, on: boolean): void {
  useKeyOnPage((event) => {
    if (!on || event.repeat || event.ctrlKey || event.metaKey || event.altKey || isTyping(event)) return
    const target = event.target as HTMLElement
    const onButton = target.tagName === 'BUTTON' || target.tagName === 'A' || target.getAttribute('role') === 'button'
    const act = keys[event.key.toLowerCase()]
    if (!act || (event.key === ' ' && onButton)) return
    event.preventDefault()
    act()
  })
}
