import { House } from '@/core/order'
import { refuse, type Result } from '@/core/result'
import { StageId } from '@/core/stages'
import { database, inTransaction } from './connection'

const NUMBERS: readonly string[] = ['brushLimitMin', 'waterMaxC', 'chancePercent', 'slotStepMin']

/** The schools and limits of this house; what it never decided stays at the default. @throws when a row fits no rule */
export async function readRules(): Promise<House> {
  const rows = await database().models.rule.findAll()
  return House.parse(
    Object.fromEntries(rows.map(({ ruleId, choice }) => [ruleId, NUMBERS.includes(ruleId) ? Number(choice) : choice])),
  )
}

/** Rules as decided; null forgets one. */
export type RuleChange = { [Id in keyof House]?: House[Id] | null }

/** Decides rules; null gives a limit back to the trade's usual. */
export async function decideRule(rule: RuleChange): Promise<void> {
  const { models } = database()
  await inTransaction(async () => {
    for (const [ruleId, choice] of Object.entries(rule))
      if (choice === null) await models.rule.destroy({ where: { ruleId } })
      else await models.rule.upsert({ ruleId, choice: String(choice) })
  })
}

export interface HouseCaution {
  id: number
  stage: StageId
  words: string
  madeBy: string
}

export async function readHouseCautions(): Promise<HouseCaution[]> {
  const rows = await database().models.houseCaution.findAll({ where: { retiredAt: null }, order: [['id', 'ASC']] })
  return rows.map(({ id, stage, words, madeBy }) => ({ id, words, madeBy, stage: StageId.parse(stage) }))
}

export async function addHouseCaution(caution: Omit<HouseCaution, 'id'> & { madeMs: number }): Promise<void> {
  const { madeMs, ...rest } = caution
  await database().models.houseCaution.create({ ...rest, madeAt: new Date(madeMs), retiredAt: null })
}

/** Takes a caution out of use, or back into it. */
export async function retireHouseCaution(id: number, retiredMs: number | null): Promise<Result<null>> {
  const { houseCaution } = database().models
  if (!(await houseCaution.findByPk(id))) return refuse('id', 'This caution is not in the list.')
  await houseCaution.update({ retiredAt: retiredMs === null ? null : new Date(retiredMs) }, { where: { id } })
  return { ok: true, value: null }
}
