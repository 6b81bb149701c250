import { monthsBetween, type Day } from '../units'

/** `4:12` of minutes and seconds; hours are counted in minutes. */
export function showSpan(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** `4 years`, `7 months`: an age in months is said until a dog is two. Null is *age not said*. */
export function showAge(bornOn: Day | null, day: Day): string {
  if (bornOn === null) return 'age not said'
  const months = monthsBetween(bornOn, day)
  if (months < 24) return `${months} months`
  return `${Math.floor(months / 12)} years`
}

/** A length of time as it is said: `45 min`, `2 h`, `2 h 30`. */
export function showMinutes(min: number): string {
  if (min < 60) return `${min} min`
  return min % 60 === 0 ? `${min / 60} h` : `${Math.floor(min / 60)} h ${String(min % 60).padStart(2, '0')}`
}
