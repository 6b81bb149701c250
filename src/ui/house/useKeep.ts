import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import type { Act } from './acts'

interface Keep {
  send: (act: Act, input: unknown, onKept?: () => void) => void
  /** The same for rows that carry a version: each change goes along with the one that the change before it made. */
  sendVersioned: (key: string, version: number, act: Act<{ version: number }>, input: object) => void
  saying: string
  isFault: boolean
  busy: boolean
}

/** Keeps what is changed on a page, one change after another, and says how that went. */
export function useKeep(): Keep {
  const router = useRouter()
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const versions = useRef(new Map<string, number>())
  const before = useRef<Promise<unknown>>(Promise.resolve())
  const run = (go: () => Promise<Result<unknown>>, onKept?: () => void) =>
    start(async () => {
      const kept = before.current.then(go, go)
      before.current = kept
      const answer = await kept
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      if (answer.ok) onKept?.()
      router.refresh()
    })
  return {
    send: (act, input, onKept) => run(() => act(input), onKept),
    sendVersioned: (key, version, act, input) =>
      run(async () => {
        const seen = Math.max(version, versions.current.get(key) ?? 0)
        const answer = await act({ ...input, version: seen })
        if (answer.ok) versions.current.set(key, answer.value.version)
        return answer
      }),
    saying: busy ? 'Keeping…' : (fault ?? 'All kept'),
    isFault: fault !== null,
    busy,
  }
}
