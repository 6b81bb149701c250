import { z } from 'zod'

/** What a groomer asks the drawer of dogs for. */
export const DOG_FILTERS = {
  due: { label: 'Due in two weeks', none: 'No dog is due in the next two weeks.' },
  overdue: { label: 'Overdue, not booked', none: 'No dog is overdue.' },
  wish: { label: 'A wish is possible', none: 'No wish that waited for coat has become possible.' },
  vaccination: { label: 'Ask for vaccination', none: 'Every dog here has a vaccination date of this year.' },
  blade: { label: 'Its blade is due', none: 'No card needs a blade that is due for sharpening.' },
  away: { label: 'Away or gone', none: 'No dog is away.' },
} as const
export const DogFilter = z.enum(Object.keys(DOG_FILTERS) as [keyof typeof DOG_FILTERS])
export type DogFilter = z.infer<typeof DogFilter>

export const DOG_SORTS = { name: 'Name', due: 'Due first', recent: 'Seen last', home: 'Household' } as const
export const DogSort = z.enum(Object.keys(DOG_SORTS) as [keyof typeof DOG_SORTS])
export type DogSort = z.infer<typeof DogSort>
