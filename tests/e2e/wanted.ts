import type { Right } from '@/core/rights'

/** What each action wants of who sends it. A new action stands here too, or fails. */
export const ACTIONS: Record<string, Right | 'anybody'> = {
  ...all('anybody', ['openBook', 'claimHouse', 'signIn', 'takeTable', 'chooseByCode', 'letIn']),
  ...all('see', ['changeOwn', 'signOut']),
  ...all('bench', ['startBench', 'wrapUp']),
  ...all('wishes', ['keepWishes', 'keepRemark']),
  ...all('measure', ['saveMeasures']),
  ...all('cards', [
    'saveVersion',
    'savePattern',
    'retirePattern',
    'ownerSaid',
    'findDogsOfCards',
    'openFirstCard',
    'putPaper',
  ]),
  ...all('files', [
    ...['takeIn', 'whoCalls', 'saveFile', 'goBack', 'sayDogComes', 'saveHousehold'],
    ...['moveDog', 'movePreview', 'joinHouseholds', 'joinPreview', 'partHouseholds'],
  ]),
  ...all('book', [
    ...['moveBooking', 'callOff', 'putBack', 'setStanding', 'bookTogether', 'startRepeat', 'endRepeat'],
    ...['decideDay', 'putOnList', 'takeOffList', 'markSaid', 'takeBackSaid', 'keepCalendar', 'freeOwnTime'],
  ]),
  ...all('kit', ['addToKit', 'changeKit', 'takeCommonKit']),
  ...all('caution', ['addCaution', 'retireCaution']),
  ...all('house', ['passStep', 'saveRule', 'saveHouse', 'newStation', 'takeOutStation', 'saveWords']),
  ...all('people', ['addPerson', 'changePerson', 'leaveHouse', 'unlockPin']),
  ...all('devices', ['makeCode', 'letThisIn', 'turnOff']),
  ...all('kept', ['lookForget', 'forgetPerson']),
  ...all('lists', ['bringIn', 'takeBackList', 'takeOver', 'lookAppointments', 'bringAppointments']),
  ...all('out', ['changeFeed', 'backUpNow', 'saveBackups', 'lookIntoArchive', 'bringBack']),
}

/** The same of each route; `bench*` is asked once there is something to take in, and says so by itself. */
export const ROUTES: Record<string, Right | 'anybody'> = {
  'GET /health': 'anybody',
  'GET /health/alive': 'anybody',
  'GET /metrics': 'anybody',
  'GET /service-worker.js': 'anybody',
  'GET /house-certificate': 'anybody',
  'GET /calendar/[secret]': 'anybody',
  'GET /who/table': 'anybody',
  'POST /who/here': 'see',
  'GET /offline-pages': 'see',
  'GET /rules/in-and-out/progress': 'out',
  'GET /rules/in-and-out/files/[name]': 'out',
  'GET /rules/in-and-out/sheets/[name]': 'out',
  'GET /visits/[visitId]/news': 'see',
  'POST /visits/[visitId]/events': 'see',
  'GET /visits/[visitId]/photos/[photoId]': 'see',
  'PUT /visits/[visitId]/photos/[photoId]': 'bench',
  'POST /bookings/[bookingId]/begin': 'bench',
  'POST /book/story': 'see',
  'POST /book/times': 'see',
  'POST /book/try': 'book',
  'POST /book/calendars/read': 'book',
  'POST /dogs/list': 'see',
  'GET /dogs/[dogId]/hand-over/file': 'files',
  'GET /dogs/[dogId]/papers/[paperId]': 'see',
  'PUT /dogs/[dogId]/papers/[paperId]': 'cards',
  'GET /households/[householdId]/kept/[ownerId]/file': 'kept',
  'POST /dogs/bring-in/piece': 'lists',
  'POST /dogs/bring-in/look': 'lists',
  'POST /find': 'see',
}

/** Pages that are not for everybody who is signed in. */
export const PAGES: Record<string, Right> = {
  '/visits/[visitId]/bench': 'bench',
  '/bookings/[bookingId]/bench': 'bench',
  '/dogs/new': 'files',
  '/households/[householdId]/kept/[ownerId]': 'kept',
  '/dogs/bring-in': 'lists',
  '/dogs/first-cards': 'cards',
  '/dogs/[dogId]/change': 'files',
  '/dogs/[dogId]/hand-over': 'files',
  '/dogs/[dogId]/measures': 'measure',
  '/rules/devices': 'devices',
  '/rules/in-and-out': 'out',
  '/rules/trail': 'trail',
  '/set-up': 'house',
}

function all(right: Right | 'anybody', names: readonly string[]): Record<string, Right | 'anybody'> {
  return Object.fromEntries(names.map((name) => [name, right]))
}
