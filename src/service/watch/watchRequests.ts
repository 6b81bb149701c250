import { PerformanceObserver, type PerformanceEntry } from 'node:perf_hooks'
import { routeOf } from '@/core/door'
import { tellQueries } from '@/data/connection'
import { figures } from './figures'

/** An answer that takes so long is told in the log, ms. From memory. */
const SLOW_MS = 1000

interface Answered extends PerformanceEntry {
  detail: { req?: { method: string; url: string }; res?: { statusCode: number } }
}

/** Counts every answer of this process, and every question of it to the database. What fails or is slow is a line of the log besides: its route, and no name or number. */
export function watchRequests(): void {
  const { requests, queries } = figures()
  tellQueries((tookMs) => queries.observe(tookMs / 1000))
  const observer = new PerformanceObserver((list) => {
    for (const { name, duration, detail } of list.getEntries() as Answered[]) {
      const { req, res } = detail
      if (name !== 'HttpRequest' || !req || !res) continue
      const { method } = req
      const { statusCode: status } = res
      const route = routeOf(req.url)
      requests.observe({ method, route, status }, duration / 1000)
      if (status >= 500 || duration >= SLOW_MS) tell({ method, route, status, ms: Math.round(duration) })
    }
  })
  observer.observe({ entryTypes: ['http'] })
}

const tell = (what: object) => process.stdout.write(`${JSON.stringify({ at: new Date().toISOString(), ...what })}\n`)
