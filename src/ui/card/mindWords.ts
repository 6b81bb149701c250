import type { Behaviour } from '@/core/plan'

/** What a dog minds from 2 upward, worst first: "Dryer 3 of 4." */
export const mindWords = (behaviour: Behaviour): string[] =>
  Object.entries(behaviour)
    .filter(([, grade]) => (grade ?? 0) >= 2)
    .sort(([, a], [, b]) => (b ?? 0) - (a ?? 0))
    .map(([trigger, grade]) => `${trigger.charAt(0).toUpperCase()}${trigger.slice(1)} ${grade} of 4.`)
