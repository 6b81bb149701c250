import { useEffect, useEffectEvent } from 'react'

/** What a key does anywhere on the page, as the page is painted at that moment: an effect of its own would come later. */
export function useKeyDown(press: (event: KeyboardEvent) => void): void {
  const latest = useEffectEvent(press)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => latest(event)
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [])
}

/** Whether something is being written, so that a letter is a letter. */
export const isTyping = ({ target }: KeyboardEvent): boolean =>
  target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)
