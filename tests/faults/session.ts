import { FAULTS } from './schedule'
import { openBenches, type Bench, type Outcome } from './run'
import { World } from './world'

export const openAll = async (home: string): Promise<Bench> => openBenches(await World.open(home))

export async function closeAll({ world, devices }: Bench): Promise<void> {
  for (const device of Object.values(devices)) await device.quit()
  await world.stop()
}

/** Faults against outcomes, with counts and the seeds that failed. */
export function tableOf(outcomes: readonly Outcome[]): string {
  const sum = (of: readonly Outcome[], count: (outcome: Outcome) => number) =>
    of.reduce((all, each) => all + count(each), 0)
  const row = (name: string, of: readonly Outcome[]) =>
    [
      name,
      of.length,
      sum(of, ({ taps }) => taps),
      sum(of, ({ aside }) => aside),
      sum(of, ({ lost }) => lost.length),
      sum(of, ({ doubled }) => doubled.length),
      of
        .filter(({ wrong }) => wrong.length > 0)
        .map(({ seed }) => seed)
        .join(' ') || '0',
    ].join(' | ')
  const head = [
    'fault',
    'schedules',
    'taps seen',
    'kept aside',
    'lost',
    'doubled',
    'seeds with another fold, clock or word',
  ]
  return [
    head.join(' | '),
    head.map(() => '---').join(' | '),
    ...FAULTS.map((kind) =>
      row(
        kind,
        outcomes.filter(({ faults }) => faults.includes(kind)),
      ),
    ),
    row('all', outcomes),
  ].join('\n')
}
