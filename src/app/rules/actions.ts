'use server'

import type { Result } from '@/core/result'
import { HouseChange, saveHouse as keepHouse } from '@/service/house/changeHouse'
import {
  CautionAsked,
  RetireAsked,
  RulesAsked,
  addCaution as add,
  retireCaution as retire,
  saveRules,
} from '@/service/house/houseRules'
import {
  LeaveAsked,
  PersonAsked,
  PersonChange,
  addPerson as begin,
  changePerson as change,
  leaveHouse as leave,
} from '@/service/house/people'
import { StationAsked, newStation as addStation, takeOutStation as retireStation } from '@/service/house/stations'
import { answered } from '../answered'

const HOUSE = '/rules'

/** Decides one school or limit of the house; null gives a limit back to the usual. */
export async function saveRule(input: unknown): Promise<Result<null>> {
  return answered('house', RulesAsked, input, saveRules, HOUSE)
}

/** Changes what the house is called, where it is, when it is open, or its van. */
export async function saveHouse(input: unknown): Promise<Result<{ version: number }>> {
  return answered('house', HouseChange, input, (asked, _, who) => keepHouse(asked, who.name), HOUSE)
}

export async function addCaution(input: unknown): Promise<Result<null>> {
  return answered('caution', CautionAsked, input, add, HOUSE)
}

/** Takes a caution out of use, or puts it back. */
export async function retireCaution(input: unknown): Promise<Result<null>> {
  return answered('caution', RetireAsked, input, (asked) => retire(asked, Date.now()), HOUSE)
}

/** Somebody begins to work here. */
export async function addPerson(input: unknown): Promise<Result<{ id: number }>> {
  return answered('people', PersonAsked, input, (asked, _, who) => begin(asked, who.name), HOUSE)
}

/** Keeps what somebody is called, does and when. */
export async function changePerson(input: unknown): Promise<Result<{ version: number }>> {
  return answered('people', PersonChange, input, (asked, _, who) => change(asked, who.name), HOUSE)
}

/** Somebody leaves, or comes back. */
export async function leaveHouse(input: unknown): Promise<Result<null>> {
  return answered(
    'people',
    LeaveAsked,
    input,
    (asked, { time, nowMs }, who) => leave(asked, who.name, time.day(nowMs)),
    HOUSE,
  )
}

export async function newStation(input: unknown): Promise<Result<null>> {
  return answered('house', StationAsked, input, addStation, HOUSE)
}

/** Takes a station out of use, or puts it back. */
export async function takeOutStation(input: unknown): Promise<Result<null>> {
  return answered('house', RetireAsked, input, (asked) => retireStation(asked, Date.now()), HOUSE)
}
