import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { drawingOf } from '../src/core/card'
import { consentTitle } from '../src/core/care'
import { drawView, figureOf } from '../src/core/figure'
import { isOldOrIll } from '../src/core/health'
import { Case, makePlan, type Plan } from '../src/core/plan'
import { stageLabel } from '../src/core/stages'
import { plannedSegments } from '../src/core/strip'
import { CoatMap } from '../src/ui/coat-map/CoatMap'
import { Tape } from '../src/ui/tape/Tape'
import { withOwnIds } from './lib/withOwnIds'

const ON = { kovit: 'case/1', date: '2027-03-02', setting: 'salon' } as const

/** Four made-up dogs that could hardly differ more. */
const FOUR: readonly { words: string; known: Case }[] = [
  {
    words: 'Calm, small, drop coat',
    known: {
      ...ON,
      dog: {
        name: 'Mochi',
        coat: 'drop',
        build: 'toy',
        weightKg: 5.2,
        heightCm: 26,
        lengthCm: 29,
        ageMonths: 40,
        visits: 16,
        sex: 'female',
        neutered: true,
      },
      coatNowMm: { all: 45 },
      request: { pattern: 'teddy' },
      slotMin: 135,
    },
  },
  {
    words: 'Frightened, matted fleece',
    known: {
      ...ON,
      dog: {
        name: 'Bracken',
        coat: 'fleece',
        build: 'square',
        weightKg: 14,
        ageMonths: 40,
        visits: 1,
        sex: 'male',
        neutered: false,
        lightSkin: true,
      },
      coatNowMm: { all: 60 },
      mats: { back: 4, side: 4, rump: 4, armpit: 3, thigh: 4, 'ear-out': 2 },
      behaviour: { dryer: 4, brush: 3, feet: 3, nails: 3 },
      request: { pattern: 'utility-short' },
      slotMin: 210,
    },
  },
  {
    words: 'Old, unsteady wire',
    known: {
      ...ON,
      dog: {
        name: 'Fergus',
        coat: 'wire',
        build: 'square',
        ears: 'folded',
        weightKg: 8,
        ageMonths: 170,
        visits: 40,
        sex: 'male',
        neutered: true,
      },
      coatNowMm: { all: 38 },
      behaviour: { table: 2 },
      health: [{ kind: 'unsteady' }],
      request: { pattern: 'terrier-jacket' },
      slotMin: 150,
    },
  },
  {
    words: 'Young, heavy, curly',
    known: {
      ...ON,
      dog: {
        name: 'Otto',
        coat: 'curly',
        build: 'heavy',
        weightKg: 34,
        ageMonths: 9,
        visits: 2,
        sex: 'male',
        neutered: false,
      },
      coatNowMm: { all: 50 },
      behaviour: { feet: 2, face: 1 },
      request: { pattern: 'clean-face-round' },
      slotMin: 285,
    },
  },
]

const WIDTH = 400
const LONGEST_MIN = 330

/** The same sentence at several stages is one line. */
function grouped(lines: readonly { stage: string; why: string }[]): string[] {
  const by = new Map<string, string[]>()
  for (const { stage, why } of lines) by.set(why, [...new Set([...(by.get(why) ?? []), stage])])
  return [...by].map(
    ([why, stages]) => `<b>${stages.length > 6 ? `${stages.length} stages` : stages.join(', ')}:</b> ${why}`,
  )
}

/** What every plan says is left out; only what this dog adds is shown. */
function differs({ dog, health = [] }: Case, plan: Plan, everywhere: ReadonlySet<string>): string[] {
  const signs = isOldOrIll(dog, health) ? [...plan.consents, 'old-or-ill' as const] : plan.consents
  const own = plan.cautions.filter(({ id }) => !everywhere.has(id))
  return [
    ...signs.map((id) => `<b class="must">The owner signs:</b> ${consentTitle(id)}`),
    ...grouped(plan.stages.filter(({ why }) => why !== '').map(({ id, why }) => ({ stage: stageLabel(id), why }))),
    ...grouped(own.map(({ stage, why }) => ({ stage: stageLabel(stage), why }))),
    ...plan.left
      .filter(({ id }) => id === 'pre-clip')
      .map(({ id, why }) => `<b>${stageLabel(id)} left out:</b> ${why}`),
  ]
}

function column(words: string, known: Case, plan: Plan, everywhere: ReadonlySet<string>): string {
  const { lengthAt, cut } = drawingOf(plan.card)
  const dog = figureOf(known.dog)
  const { name, coat, weightKg, ageMonths } = known.dog
  const map = createElement(CoatMap, {
    label: name,
    view: drawView('side', dog, lengthAt, cut),
    coat,
    lengthMm: lengthAt,
    callouts: [],
    width: WIDTH - 16,
    height: 250,
  })
  const tape = createElement(Tape, {
    label: `${name}, planned`,
    slotMin: known.slotMin,
    segments: plannedSegments(plan.stages),
    pxPerMin: (WIDTH - 30) / LONGEST_MIN,
    height: 46,
    extentMin: LONGEST_MIN,
  })
  const { p50, p90, shortestSlotMin, chance } = plan.fit
  return `<div><h1>${name}</h1><p>${words}, ${weightKg} kg, ${ageMonths} months</p>${withOwnIds(renderToStaticMarkup(map))}${withOwnIds(renderToStaticMarkup(tape))}
    <p><b>${Math.round(p50)} min</b>, ${Math.round(p90)} at most; ${Math.round(100 * chance)} % in ${known.slotMin} min, a slot that holds: ${shortestSlotMin}</p>
    ${differs(known, plan, everywhere)
      .map((line) => `<p>${line}</p>`)
      .join('')}</div>`
}

/** Four dogs planned side by side: what differs and why. */
export function fourDogs(): string {
  const planned = FOUR.map(({ words, known }) => ({
    words,
    known: Case.parse(known),
    plan: makePlan(Case.parse(known)),
  }))
  const everywhere = new Set(
    planned[0]?.plan.cautions
      .map(({ id }) => id)
      .filter((id) => planned.every(({ plan }) => plan.cautions.some((each) => each.id === id))),
  )
  return planned.map(({ words, known, plan }) => column(words, known, plan, everywhere)).join('')
}
