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
import { openHouse } from '@/service/house/openHouse'
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
  return answered(RulesAsked, input, saveRules, HOUSE)
}

/** Changes what the house is called, where it is, when it is open, or its van. */
export async function saveHouse(input: unknown): Promise<Result<{ version: number }>> {
  return answered(HouseChange, input, keepHouse, HOUSE)
}

export async function addCaution(input: unknown): Promise<Result<null>> {
  return answered(CautionAsked, input, async (asked) => add(asked, await openHouse()), HOUSE)
}

/** Takes a caution out of use, or puts it back. */
export async function retireCaution(input: unknown): Promise<Result<null>> {
  return answered(RetireAsked, input, (asked) => retire(asked, Date.now()), HOUSE)
}

/** Somebody begins to work here. */
export async function addPerson(input: unknown): Promise<Result<{ id: number }>> {
  return answered(PersonAsked, input, (asked) => begin(asked), HOUSE)
}

/** Keeps what somebody is called, does and when. */
export async function changePerson(input: unknown): Promise<Result<{ version: number }>> {
  return answered(PersonChange, input, (asked) => change(asked), HOUSE)
}

/** Somebody leaves, or comes back. */
export async function leaveHouse(input: unknown): Promise<Result<null>> {
  const go = async (asked: Parameters<typeof leave>[0]) => {
    const { time, nowMs } = await openHouse()
    return leave(asked, time.day(nowMs))
  }
  return answered(LeaveAsked, input, go, HOUSE)
}

export async function newStation(input: unknown): Promise<Result<null>> {
  return answered(StationAsked, input, addStation, HOUSE)
}

/** Takes a station out of use, or puts it back. */
export async function takeOutStation(input: unknown): Promise<Result<null>> {
  return answered(RetireAsked, input, (asked) => retireStation(asked, Date.now()), HOUSE)
}
