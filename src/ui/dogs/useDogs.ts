import { useCallback, useEffect, useRef, useState } from 'react'
import type { DogFilter, DogSort } from '@/core/find'
import type { FigureDog } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import { NoAnswer, askServer } from '../device/link'

export interface DogLine {
  id: number
  name: string
  figure: FigureDog
  coatMm: Partial<Record<ZoneId, number>>
  last: string
  due: string | null
  facts: string
  owner: string
}

export interface Dogs {
  total: number
  counts: { here: number; all: number }
  from: number
  dogs: readonly DogLine[]
}

export interface Question {
  text: string
  filter: DogFilter | null
  sort: DogSort
}

/** The hand rests this long before the house is asked, ms. */
const REST_MS = 120

/** The dogs that answer a question, the first ones at once and more as they are wanted. */
export function useDogs(first: Dogs, asked: Question) {
  const [shown, setShown] = useState({ asked, total: first.total, dogs: first.dogs })
  const [fault, setFault] = useState<string | null>(null)
  const latest = useRef(asked)
  const load = useCallback(async (question: Question, from: number) => {
    const page = await ask(question, from)
    if (latest.current !== question) return
    setFault(page === null ? 'The house does not answer now; these are the dogs it sent last.' : null)
    if (page === null) return
    setShown((was) => {
      if (from === 0) return { asked: question, total: page.total, dogs: page.dogs }
      // Asked twice for the same dogs, as by a press while they come by themselves, they are shown once.
      return from === was.dogs.length ? { ...was, total: page.total, dogs: [...was.dogs, ...page.dogs] } : was
    })
  }, [])
  useEffect(() => {
    if (latest.current === asked) return
    latest.current = asked
    const timer = setTimeout(() => void load(asked, 0), REST_MS)
    return () => clearTimeout(timer)
  }, [asked, load])
  const isAll = shown.dogs.length >= shown.total
  return {
    ...shown,
    fault,
    more: isAll || shown.asked !== asked ? null : () => load(asked, shown.dogs.length),
  }
}

async function ask(question: Question, from: number): Promise<Dogs | null> {
  try {
    const { body } = await askServer('/dogs/list', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ ...question, from }),
    })
    return (body as { value?: Dogs }).value ?? null
  } catch (error) {
    if (error instanceof NoAnswer) return null
    throw error
  }
}
