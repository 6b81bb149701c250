'use server'

import type { Result } from '@/core/result'
import { BringAsked, TakeBackAsked, bringIn as bring, takeBackList as takeBack } from '@/service/bring-in/bringIn'
import {
  AppointmentsAsked,
  bringAppointments as bringBookings,
  lookAppointments as look,
  type Appointment,
} from '@/service/bring-in/appointments'
import { CalendarText } from '@/service/calendar/busyTimes'
import { TakeOverAsked, takeOver as take } from '@/service/dog/dogToGo'
import { answered } from '../../answered'

const PAGES = ['/dogs', '/dogs/bring-in'] as const

/** Brings a list in, all of it or nothing. */
export async function bringIn(input: unknown): Promise<Result<{ dogs: number }>> {
  return answered('lists', BringAsked, input, (asked, house, who) => bring(asked, house, who.name), ...PAGES)
}

export async function takeBackList(input: unknown): Promise<Result<{ stays: number }>> {
  return answered('lists', TakeBackAsked, input, (asked, house, who) => takeBack(asked, house, who.name), ...PAGES)
}

/** Takes a dog over from another house's file, into its household. */
export async function takeOver(input: unknown): Promise<Result<{ dogId: number }>> {
  return answered('lists', TakeOverAsked, input, take, ...PAGES)
}

/** What a calendar file would book. */
export async function lookAppointments(input: unknown): Promise<Result<{ rows: Appointment[]; left: number }>> {
  return answered('lists', CalendarText, input, look)
}

/** Books what was chosen of a calendar file, all of it or nothing. */
export async function bringAppointments(input: unknown): Promise<Result<{ bookings: number }>> {
  return answered(
    'lists',
    AppointmentsAsked,
    input,
    (asked, house, who) => bringBookings(asked, house, who.name),
    '/',
    '/book',
    ...PAGES,
  )
}
