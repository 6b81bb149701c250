import { addSums, emptySums, sumsOf, type GroomFacts, type Group, type Summed } from '@/core/insight'

export type Groomed = GroomFacts & { month: string; groomer: string }

/** What the database keeps in sums, added up groom by groom. */
export function summed(grooms: readonly Groomed[]): Summed {
  const months = new Map<string, ReturnType<typeof emptySums>>()
  for (const { month, groomer: _, ...facts } of grooms) {
    const sums = months.get(month) ?? emptySums()
    addSums(sums, sumsOf(facts))
    months.set(month, sums)
  }
  return {
    months: [...months].map(([month, sums]) => ({ month, sums })),
    coats: groupsBy(grooms, ({ coat }) => coat),
    groomers: groupsBy(grooms, ({ groomer }) => groomer),
  }
}

function groupsBy(grooms: readonly Groomed[], nameOf: (groom: Groomed) => string): Group[] {
  const groups = new Map<string, Group>()
  for (const groom of grooms) {
    const name = nameOf(groom)
    const { count, doneMin } = groups.get(name) ?? { count: 0, doneMin: 0 }
    groups.set(name, { name, count: count + 1, doneMin: doneMin + groom.doneMin })
  }
  return [...groups.values()]
}
