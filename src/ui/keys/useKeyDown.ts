import { useEffect, useEffectEvent } from 'react'

/** What a key does anywhere, as the page is painted at that moment: an effect of its own would come later. */
export function useKeyDown(press: (event: KeyboardEvent) => void): void {
  const latest = useEffectEvent(press)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => latest(event)
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [])
}

/** The same for keys of the page: what is asked or told over it has the keys, and nothing opens above a table that is locked. */
export function useKeyOnPage(press: (event: KeyboardEvent) => void): void {
  useKeyDown((event) => {
    if (!document.querySelector('dialog[open]')) press(event)
  })
}

/** Whether something is being written, so that a letter is a letter. */
export const isTyping = ({ target }: KeyboardEvent): boolean =>
  target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)
