import { makeCode, unlockPin } from '../who/actions'
import type { HouseActs } from '@/ui/house/acts'
import {
  addCaution,
  addPerson,
  changePerson,
  leaveHouse,
  newStation,
  retireCaution,
  saveHouse,
  saveRule,
  takeOutStation,
} from './actions'

/** Everything that can be changed of the house, from its page and while it is set up. */
export const HOUSE_ACTS: HouseActs = {
  saveRule,
  saveHouse,
  addCaution,
  retireCaution,
  addPerson,
  changePerson,
  leaveHouse,
  newStation,
  takeOutStation,
  makeCode,
  unlockPin,
}
