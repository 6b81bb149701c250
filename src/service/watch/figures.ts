import { Counter, Gauge, Histogram, Registry, collectDefaultMetrics } from 'prom-client'
import { poolNow } from '@/data/connection'

/** Whole answers of a page or a route are sorted into these, s. From memory: what a person takes for at once is below 0.1. */
const SECONDS = [0.01, 0.025, 0.05, 0.1, 0.15, 0.25, 0.5, 1, 2.5, 10]

/** Figures for whoever runs the house: how much is asked, how long it takes, what was refused. Nothing of an owner or a dog. */
function makeFigures() {
  const registry = new Registry()
  const registers = [registry]
  collectDefaultMetrics({ register: registry, prefix: 'kovit_' })
  new Gauge({
    name: 'kovit_pool_connections',
    help: 'Connections to the database, by what they do; waiting: requests that wait for one',
    labelNames: ['state'],
    registers,
    collect() {
      const { open, busy, waiting } = poolNow()
      this.set({ state: 'open' }, open)
      this.set({ state: 'busy' }, busy)
      this.set({ state: 'waiting' }, waiting)
    },
  })
  return {
    registry,
    requests: new Histogram({
      name: 'kovit_request_seconds',
      help: 'Answers, by route and status',
      labelNames: ['method', 'route', 'status'],
      buckets: SECONDS,
      registers,
    }),
    queries: new Histogram({
      name: 'kovit_query_seconds',
      help: 'Questions to the database, until their answer is read',
      buckets: SECONDS,
      registers,
    }),
    events: new Counter({
      name: 'kovit_events_total',
      help: 'Events that benches sent, by what became of them',
      labelNames: ['taken'],
      registers,
    }),
    screens: new Gauge({ name: 'kovit_watching_screens', help: 'Screens that are told of news', registers }),
  }
}

/** Pages and routes may each carry a copy of this file: the figures are one for the whole process. */
const shared = globalThis as { kovitFigures?: ReturnType<typeof makeFigures> }
export const figures = () => (shared.kovitFigures ??= makeFigures())

/** All figures in the open text format. */
export const figuresAsText = (): Promise<{ text: string; type: string }> => {
  const { registry } = figures()
  return registry.metrics().then((text) => ({ text, type: registry.contentType }))
}
