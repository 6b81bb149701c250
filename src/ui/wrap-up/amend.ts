import type { PlacedCut } from '@/core/request'
import { VisitEvent } from '@/core/visit'
import { deviceClock } from '../device/clock'
import { NoAnswer } from '../device/link'
import { postEvents } from '../device/send'
import { deviceId } from '../device/store'

/** Sends what was really cut, after the close. @returns why it was refused; null when it was taken */
export async function amend(visitId: number, cut: PlacedCut, why: string, by: string): Promise<string | null> {
  const made = { id: crypto.randomUUID(), atMs: Math.round(deviceClock().nowMs()), by, device: deviceId() }
  const event = VisitEvent.safeParse({ ...made, kind: 'amended', cut, why })
  if (!event.success) return event.error.issues.map(({ message }) => message).join(' ')
  try {
    const answer = await postEvents(visitId, [event.data], 0)
    if (!answer.ok) return answer.problems.map(({ sentence }) => sentence).join(' ')
    const [taken] = answer.value.answers
    return taken?.taken === 'refused' ? taken.why : null
  } catch (error) {
    if (!(error instanceof NoAnswer)) throw error
    return 'No network: nothing was changed. Try again when there is one.'
  }
}
