import { QueryTypes } from 'sequelize'
import { BookedFit } from '@/core/book'
import { database } from './connection'
import { sharedJsonOf } from './jsonOf'
import { MINUTES_LEARNED } from './pace'

/** Another number whenever plans are made otherwise than before: what is kept is then made anew. */
const FORMAT = 1

const select = <T extends object>(sql: string, replacements: Record<string, unknown> = {}): Promise<T[]> =>
  database().sequelize.query<T>(sql, { type: QueryTypes.SELECT, replacements })

/**
 * What the plan of each booking is made from, as a short mark that is another one when any of it changed: the booking, the
 * dog's file, cards and last visits, what a bench of it measures now, the house's clock, rules and tools, and what it learned.
 */
export async function readPlanStamps(bookingIds: readonly number[]): Promise<Map<number, string>> {
  if (bookingIds.length === 0) return new Map()
  const [[house], rows] = await Promise.all([
    select<{ stamp: string }>(
      `SELECT CONCAT_WS('.', (SELECT CRC32(CONCAT(house_key, time_zone)) FROM house LIMIT 1),
         (SELECT SUM(CRC32(CONCAT(rule_id, choice))) FROM house_rules),
         (SELECT SUM(CRC32(CONCAT_WS('/', id, name, retired_on))) FROM kit_tools),
         (SELECT set_at FROM house_marks WHERE name = :learned),
         (SELECT MAX(id) FROM growth_pairs)) AS stamp`,
      { learned: MINUTES_LEARNED },
    ),
    select<{ id: number; stamp: string }>(
      `SELECT booking.id, CONCAT_WS('.', booking.row_version, dog.row_version,
         (SELECT CONCAT_WS('/', COUNT(*), MAX(id)) FROM trim_cards WHERE dog_id = booking.dog_id),
         (SELECT CONCAT_WS('/', COUNT(closed_at), SUM(CRC32(CONCAT_WS('/', verdicts, liked, left_behind))))
            FROM visits WHERE dog_id = booking.dog_id),
         (SELECT MAX(event.no) FROM visits JOIN visit_events AS event ON event.visit_id = visits.id
            WHERE visits.dog_id = booking.dog_id AND closed_at IS NULL)) AS stamp
       FROM bookings AS booking JOIN dogs AS dog ON dog.id = booking.dog_id WHERE booking.id IN (:ids)`,
      { ids: [...bookingIds] },
    ),
  ])
  return new Map(rows.map(({ id, stamp }) => [id, `${FORMAT}.${stamp}.${house?.stamp ?? ''}`]))
}

/** What is kept of the plans of some bookings, with the mark it was made by. */
export async function readBookedFits(
  bookingIds: readonly number[],
): Promise<Map<number, { stamp: string; fit: BookedFit }>> {
  const rows = await database().models.bookedFit.findAll({ where: { bookingId: [...bookingIds] } })
  return new Map(rows.map(({ bookingId, stamp, fit }) => [bookingId, { stamp, fit: sharedJsonOf(BookedFit, fit) }]))
}

export async function keepBookedFits(
  fits: readonly { bookingId: number; stamp: string; fit: BookedFit }[],
): Promise<void> {
  if (fits.length === 0) return
  const rows = fits.map(({ fit, ...rest }) => ({ ...rest, fit: JSON.stringify(fit) }))
  await database().models.bookedFit.bulkCreate(rows, { updateOnDuplicate: ['stamp', 'fit'] })
}
