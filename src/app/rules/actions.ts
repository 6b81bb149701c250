'use server'

import type { Result } from '@/core/result'
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
  StationAsked,
  WorkAsked,
  newStation as addStation,
  saveWork as keepWork,
  takeOutStation as retireStation,
} from '@/service/house/peopleAndStations'
import { answered } from '../answered'

const HOUSE = '/rules'

/** Decides one school or limit of the house; null gives a limit back to the usual. */
export async function saveRule(input: unknown): Promise<Result<null>> {
  return answered(RulesAsked, input, saveRules, HOUSE)
}

export async function addCaution(input: unknown): Promise<Result<null>> {
  return answered(CautionAsked, input, async (asked) => add(asked, await openHouse()), HOUSE)
}

/** Keeps what somebody does and when. */
export async function saveWork(input: unknown): Promise<Result<{ version: number }>> {
  return answered(WorkAsked, input, keepWork, HOUSE)
}

export async function newStation(input: unknown): Promise<Result<null>> {
  return answered(StationAsked, input, addStation, HOUSE)
}

/** Takes a caution out of use, or puts it back. */
export async function retireCaution(input: unknown): Promise<Result<null>> {
  return answered(RetireAsked, input, (asked) => retire(asked, Date.now()), HOUSE)
}

/** Takes a station out of use, or puts it back. */
export async function takeOutStation(input: unknown): Promise<Result<null>> {
  return answered(RetireAsked, input, (asked) => retireStation(asked, Date.now()), HOUSE)
}
