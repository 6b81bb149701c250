import type { QueryInterface } from 'sequelize'
import { Umzug, SequelizeStorage } from 'umzug'
import type { Database } from '../connection'
import { FIRST_TABLES } from './0001-first-tables'
import { KIT_AND_PATTERNS } from './0002-kit-and-patterns'
import { MEASURES } from './0003-measures'
import { SIGNED } from './0004-signed'
import { HOUSE_CAUTIONS } from './0005-house-cautions'
import { OWN_ORDER } from './0006-own-order'
import { PHOTOS_PEOPLE_STATIONS } from './0007-photos-people-stations'
import { PACE } from './0008-pace'

/** Every change of the tables, oldest first. A migration that has run is never edited. */
const MIGRATIONS = [
  { name: '0001-first-tables', statements: FIRST_TABLES },
  { name: '0002-kit-and-patterns', statements: KIT_AND_PATTERNS },
  { name: '0003-measures', statements: MEASURES },
  { name: '0004-signed', statements: SIGNED },
  { name: '0005-house-cautions', statements: HOUSE_CAUTIONS },
  { name: '0006-own-order', statements: OWN_ORDER },
  { name: '0007-photos-people-stations', statements: PHOTOS_PEOPLE_STATIONS },
  { name: '0008-pace', statements: PACE },
]

/** Brings the tables up to date. Returns the names of the migrations that ran. */
export async function migrate({ sequelize }: Database): Promise<string[]> {
  const umzug = new Umzug<QueryInterface>({
    migrations: MIGRATIONS.map(({ name, statements }) => ({
      name,
      up: async ({ context }) => {
        for (const statement of statements) await context.sequelize.query(statement)
      },
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  })
  return (await umzug.up()).map(({ name }) => name)
}
