import { database } from './connection'

export const hasMark = async (name: string): Promise<boolean> =>
  (await database().models.houseMark.findByPk(name)) !== null

export async function setMark(name: string, nowMs: number): Promise<void> {
  await database().models.houseMark.upsert({ name, setAt: new Date(nowMs) })
}
