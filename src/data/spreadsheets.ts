import { QueryTypes } from 'sequelize'
import { database } from './connection'

/**
 * What a spreadsheet is given, by name: one query each, whose column names are its headings. Moments are UTC. A card is
 * each dog's last one, by zone and side.
 */
const SHEETS = {
  owners: `SELECT h.name AS household, o.name, COALESCE(o.phone, '') AS phone, COALESCE(o.email, '') AS email,
      IF(o.first_called, 'yes', '') AS called_first, h.place AS address, IF(o.gone, 'yes', '') AS gone
    FROM owners AS o JOIN households AS h ON h.id = o.household_id WHERE h.joined_into IS NULL ORDER BY h.name, o.id`,
  dogs: `SELECT d.id AS dog_id, d.name, h.name AS household, d.breed, d.coat, d.build, d.weight_kg,
      COALESCE(d.born_on, '') AS born_on, COALESCE(d.sex, '') AS sex, IF(d.neutered, 'yes', IF(d.neutered = 0, 'no', '')) AS neutered,
      COALESCE(d.vaccinated_on, '') AS vaccinated_on, COALESCE(d.groomed_on, '') AS last_groomed_on,
      COALESCE(d.due_on, '') AS due_on, d.standing
    FROM dogs AS d JOIN households AS h ON h.id = d.household_id ORDER BY d.name, d.id`,
  visits: `SELECT v.id AS visit_id, d.id AS dog_id, d.name AS dog, s.name AS groomer, b.service,
      DATE_FORMAT(v.started_at, '%Y-%m-%dT%H:%i:%sZ') AS started_at, COALESCE(DATE_FORMAT(v.closed_at, '%Y-%m-%dT%H:%i:%sZ'), '') AS closed_at,
      b.slot_min, IF(v.liked, 'yes', IF(v.liked = 0, 'no', '')) AS liked
    FROM visits AS v JOIN dogs AS d ON d.id = v.dog_id JOIN bookings AS b ON b.id = v.booking_id
      JOIN staff AS s ON s.id = b.staff_id ORDER BY v.started_at, v.id`,
  minutes: `SELECT f.visit_id, d.id AS dog_id, d.name AS dog, s.name AS groomer,
      DATE_FORMAT(f.started_at, '%Y-%m-%dT%H:%i:%sZ') AS started_at, f.facts
    FROM groom_facts AS f JOIN dogs AS d ON d.id = f.dog_id JOIN staff AS s ON s.id = f.staff_id ORDER BY f.started_at, f.visit_id`,
  cards: `SELECT d.id AS dog_id, d.name AS dog, DATE_FORMAT(c.made_at, '%Y-%m-%dT%H:%i:%sZ') AS made_at, c.kind,
      c.zones
    FROM trim_cards AS c JOIN dogs AS d ON d.id = c.dog_id
    WHERE c.kind <> 'planned' AND c.version =
      (SELECT MAX(l.version) FROM trim_cards AS l WHERE l.dog_id = c.dog_id AND l.kind <> 'planned')
    ORDER BY d.name, d.id`,
} as const
export type Sheet = keyof typeof SHEETS
export const SHEET_NAMES = Object.keys(SHEETS) as Sheet[]

export const readSheet = (sheet: Sheet): Promise<Record<string, string | number>[]> =>
  database().sequelize.query(SHEETS[sheet], { type: QueryTypes.SELECT })
