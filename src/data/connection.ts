import mariadb from 'mariadb'
import { Sequelize } from 'sequelize'
import { defineModels, type Models } from './models'

export interface Database {
  sequelize: Sequelize
  models: Models
}

/** A busy machine may take a while to say hello. */
const CONNECT_MS = 10_000

/** Opens a pool to the house's database. All times are UTC. */
export function openDatabase(url: string): Database {
  const sequelize = new Sequelize(url, {
    dialect: 'mariadb',
    dialectModule: mariadb,
    logging: false,
    timezone: '+00:00',
    dialectOptions: { connectTimeout: CONNECT_MS },
    pool: { max: 8, min: 0 },
    define: { underscored: true, timestamps: false },
  })
  return { sequelize, models: defineModels(sequelize) }
}

const shared = globalThis as { kovitDatabase?: Database }

/** The one pool of this process, from KOVIT_DATABASE_URL. @throws when that is not set */
export function database(): Database {
  if (shared.kovitDatabase) return shared.kovitDatabase
  const url = process.env.KOVIT_DATABASE_URL
  if (!url) throw new Error('KOVIT_DATABASE_URL is not set; start with npm start.')
  return (shared.kovitDatabase = openDatabase(url))
}
