'use client'

import { useSyncExternalStore } from 'react'

/** A phone's width; the style sheets say the same. */
const PHONE = '(max-width: 640px)'

/** Whether the screen is a phone's; null until the page is in a browser. */
export const usePhone = (): boolean | null =>
  useSyncExternalStore(
    (listen) => {
      const match = matchMedia(PHONE)
      match.addEventListener('change', listen)
      return () => match.removeEventListener('change', listen)
    },
    () => matchMedia(PHONE).matches,
    () => null,
  )
