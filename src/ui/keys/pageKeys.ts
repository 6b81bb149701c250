'use client'

import { useEffect, useSyncExternalStore } from 'react'

/** A key as it is written on the keyboard, and what it does on this page. */
export type PageKey = readonly [key: string, does: string]

const NONE: readonly PageKey[] = []
const told = new Set<readonly PageKey[]>()
const listeners = new Set<() => void>()
let all: readonly PageKey[] = NONE

function change(by: () => void): void {
  by()
  all = [...told].flat()
  listeners.forEach((each) => each())
}

/** Tells what keys do while a part of a page is shown, for the list that `?` opens. `keys` is one constant list. */
export function useTellKeys(keys: readonly PageKey[]): void {
  useEffect(() => {
    change(() => told.add(keys))
    return () => change(() => told.delete(keys))
  }, [keys])
}

/** All that the page has told. */
export const usePageKeys = (): readonly PageKey[] =>
  useSyncExternalStore(
    (listen) => {
      listeners.add(listen)
      return () => listeners.delete(listen)
    },
    () => all,
    () => NONE,
  )
