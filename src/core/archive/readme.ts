import { z } from 'zod'
import { ARCHIVED, LEFT_OUT, TABLES, rowSchema, type ArchivedTable } from './tables'
import { schemaPath } from './manifest'

// prettier-ignore
const SAYS: Record<ArchivedTable, string> = {
  house: 'the house itself: name, clock, hours, van',
  house_marks: 'what was done with this house, and when',
  house_rules: 'what the house decided, by the id of the rule',
  house_words: 'its own words for messages',
  house_cautions: 'its own cautions, by stage',
  house_patterns: 'its own patterns, each with a card',
  stations: 'tables, tubs, dryers, cabinets, bays',
  kit_tools: 'blades and guard combs',
  staff: 'who works here',
  households: 'households, with their address',
  owners: 'the people of a household, with numbers and what they agreed to',
  dogs: 'dogs, with behaviour (0 to 4 by trigger), health and measures',
  file_changes: 'who changed what in a file, before and after',
  repeats: 'dogs that come by a rule',
  bookings: 'the book, with wishes, coat and mats as they were found',
  waiting: 'who waits for a time',
  said_words: 'what was said to owners, and when',
  busy_times: 'when people are busy elsewhere',
  day_deeds: 'what was decided about a day',
  trim_cards: 'cards: planned, saved, and as cut; of each zone its tool, lay, length in mm, shape, join',
  visits: 'grooms, with the case and the plan as they were stored',
  visit_events: 'all that happened at the bench, one event a line; nothing is ever changed in it',
  photos: 'pictures of visits, and of paper cards of dogs; each is a file under photos/ by its id',
  blade_use: 'minutes of each blade',
  pace_cells: 'what the house learned of its minutes: sums of logarithms',
  growth_pairs: 'coat left and found again, mm and weeks',
  brought_in: 'lists that were brought in, and what each made',
  groom_facts: 'facts of each groom, as Insight counts them',
}

/** What somebody reads who opens an archive without Kovit. */
export const archiveReadme = (house: string, madeAt: string): string => `# ${house}

This is a whole house of dog grooming: its people, dogs, book, cards and visits, as they were at ${madeAt}. It can be
read without the program that made it.

- \`manifest.json\`: what this is, how many rows each table has, and a SHA-256 of each.
- \`checksums.txt\`: a SHA-256 of every file. \`sha256sum -c checksums.txt\` checks them all.
- \`tables/NAME.jsonl\`: one table each, UTF-8, one JSON object a line (JSON Lines).
- \`schema/NAME.json\`: the JSON Schema (2020-12) of a line of that table.
- \`photos/ID.jpg\`: pictures.
- The last 64 characters of the zip file are the SHA-256 of all that stands before them.

Moments are UTC, days are the house's own calendar. Lengths are mm, minutes are minutes, weights kg. A row points at
another by its \`id\`: \`dog_id\` is the \`id\` of a line in \`tables/dogs.jsonl\`.

## Tables

${TABLES.map((table) => `- \`${table}\`: ${SAYS[table]}`).join('\n')}

## What is not in it

${Object.entries(LEFT_OUT)
  .map(([what, why]) => `- \`${what}\`: ${why}`)
  .join('\n')}
`

/** The files beside the tables that only depend on their shape. */
export const archiveSchemas = (): { path: string; text: string }[] =>
  TABLES.map((table) => ({
    path: schemaPath(table),
    text: `${JSON.stringify({ title: SAYS[table], ...z.toJSONSchema(rowSchema(ARCHIVED[table])) }, null, 2)}\n`,
  }))
