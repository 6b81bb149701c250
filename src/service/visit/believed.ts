import { tickOf, type VisitEvent } from '@/core/visit'
import type { VisitLife } from '@/data/visits'
import { DAY_MS } from '../house/houseTime'

/** Further outside a visit's life than this a stamp is not believed. Source: from memory. */
const DOUBT_MS = DAY_MS

/**
 * An event with a stamp that can be true. One from outside the visit's life and a day around gets the server's time, and is
 * marked with what it said.
 * @param nth how many of the same sending came before it: they keep their order
 */
export function believed(
  event: VisitEvent,
  { startedMs, closedMs }: VisitLife,
  nowMs: number,
  nth: number,
): VisitEvent {
  const until = Math.max(nowMs, closedMs ?? startedMs) + DOUBT_MS
  const canBe = (ms: number) => ms >= startedMs - DOUBT_MS && ms <= until
  if (canBe(event.atMs) && canBe(tickOf(event).ms)) return event
  const atMs = canBe(event.atMs) ? event.atMs : Math.max(nowMs, startedMs)
  return { ...event, atMs, stampedMs: event.atMs, tick: { ms: Math.max(nowMs, startedMs), n: nth } }
}
