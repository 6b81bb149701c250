/** Another dog of today whose wait runs while hands are on this one. */
export interface OtherDog {
  name: string
  what: string
  untilMs: number
  href: string
}

export const IN_CABINET = 'in the cabinet'
