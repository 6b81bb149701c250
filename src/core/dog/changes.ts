import { findingWords, placeWords, type HealthFact } from '../health'
import { DOG_FILE_KEYS, type DogFile } from './file'

/** The fields in which two files differ, as they are in the second one. */
export function changedFields(before: DogFile, after: DogFile): Partial<DogFile> {
  const differ = DOG_FILE_KEYS.filter((key) => !same(before[key], after[key]))
  return Object.fromEntries(differ.map((key) => [key, after[key]]))
}

/** Whether two values are one, whatever the order of their keys. */
function same(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])]
  return keys.every((key) => same((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key]))
}

const FIELD_WORDS: Record<keyof DogFile, string> = {
  name: 'name',
  breed: 'breed',
  coat: 'coat',
  build: 'build',
  weightKg: 'weight',
  heightCm: 'height',
  lengthCm: 'length',
  measures: 'measures',
  bornOn: 'born on',
  sex: 'sex',
  neutered: 'neutered',
  lightSkin: 'light skin',
  faceShape: 'face',
  behaviour: 'how it takes things',
  health: 'health',
  vaccinatedOn: 'vaccinated on',
  more: 'notes',
}
const UNITS: Partial<Record<keyof DogFile, string>> = { weightKg: ' kg', heightCm: ' cm', lengthCm: ' cm' }
const MORE_WORDS = {
  usual: 'what is usual',
  helped: 'what helped',
  medicine: 'medicine',
  vet: 'vet',
  earlier: 'what was left',
  notes: 'notes',
}

/** What a change says, a line each: `weight 6.5 to 7.2 kg`. */
export function changeWords(before: Partial<DogFile>, after: Partial<DogFile>): string[] {
  return DOG_FILE_KEYS.filter((key) => key in after && !same(before[key], after[key])).flatMap((key) =>
    linesOf(key, before, after),
  )
}

function linesOf(key: keyof DogFile, before: Partial<DogFile>, after: Partial<DogFile>): string[] {
  if (key === 'behaviour' || key === 'measures')
    return inParts(before[key] ?? {}, after[key] ?? {}).map(([part, was, is]) => `${part} ${was} to ${is}`)
  if (key === 'health') return healthLines(before.health ?? [], after.health ?? [])
  if (key === 'more')
    return (Object.keys(MORE_WORDS) as (keyof typeof MORE_WORDS)[])
      .filter((part) => part !== 'usual' && !same(before.more?.[part], after.more?.[part]))
      .map((part) => MORE_WORDS[part])
  return [`${FIELD_WORDS[key]} ${told(before[key])} to ${told(after[key])}${UNITS[key] ?? ''}`]
}

function inParts(before: object, after: object): [string, string, string][] {
  const [was, is] = [before as Record<string, unknown>, after as Record<string, unknown>]
  const parts = [...new Set([...Object.keys(was), ...Object.keys(is)])].filter((part) => !same(was[part], is[part]))
  return parts.map((part) => [part.replace(/Cm$/, ''), told(was[part]), told(is[part])])
}

const healthLines = (before: readonly HealthFact[], after: readonly HealthFact[]): string[] => {
  const words = (fact: HealthFact) => [findingWords(fact.kind), placeWords(fact)].filter(Boolean).join(', ')
  const gone = before.filter((fact) => !after.some((each) => same(each, fact))).map(words)
  const come = after.filter((fact) => !before.some((each) => same(each, fact))).map(words)
  return [
    ...come.map((each) => (gone.includes(each) ? `${each}: said anew` : `${each}: now known`)),
    ...gone.filter((each) => !come.includes(each)).map((each) => `${each}: no longer`),
  ]
}

function told(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'not said'
  if (value === true) return 'yes'
  return value === false ? 'no' : String(value)
}
