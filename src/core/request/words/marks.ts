import type { ZoneKey } from '../../zones'
import type { Chatter, Question, Remark, Understood } from './understood'

export type MarkKind = 'understood' | 'question' | 'remark' | 'chatter'

/** A stretch of the text, what it was read as, and the zones it is about; null where it is only space and signs. */
export interface Piece {
  text: string
  from: number
  kind: MarkKind | null
  zones: readonly ZoneKey[]
}

export interface ReadWords {
  understood: readonly Pick<Understood, 'from' | 'to' | 'zones'>[]
  questions: readonly Question[]
  remarks: readonly Remark[]
  chatter: readonly Chatter[]
}

interface Mark {
  from: number
  to: number
  kind: MarkKind
  zones: readonly ZoneKey[]
}

const marksOf = ({ understood, questions, remarks, chatter }: ReadWords): Mark[] => [
  ...questions.map(({ from, to, zones }): Mark => ({ from, to, kind: 'question', zones })),
  ...remarks.map(({ from, to, about }): Mark => ({ from, to, kind: 'remark', zones: zonesOfRemark(about) })),
  ...understood.map(({ from, to, zones }): Mark => ({ from, to, kind: 'understood', zones })),
  ...chatter.map(({ from, to }): Mark => ({ from, to, kind: 'chatter', zones: [] })),
]

const zonesOfRemark = (about: Remark['about']): ZoneKey[] => ('zone' in about && about.zone ? [about.zone] : [])

/** The text in pieces, each with what it was read as; together they are the text, letter by letter. */
export function markedWords(text: string, read: ReadWords): Piece[] {
  // Where two lie over each other, the shorter one says more of its words.
  const marks = marksOf(read)
    .filter(({ from, to }) => to > from && to <= text.length)
    .sort((a, b) => a.to - a.from - (b.to - b.from))
  const edges = [...new Set([0, text.length, ...marks.flatMap(({ from, to }) => [from, to])])].sort((a, b) => a - b)
  return edges.slice(1).map((to, at) => {
    const from = edges[at] ?? 0
    const mark = marks.find((each) => each.from <= from && each.to >= to)
    return { text: text.slice(from, to), from, kind: mark?.kind ?? null, zones: mark?.zones ?? [] }
  })
}

/** The zones that the words at a place are about. */
export const zonesAt = (pieces: readonly Piece[], at: number): readonly ZoneKey[] =>
  pieces.find(({ from, text }) => from <= at && at <= from + text.length && text.trim() !== '')?.zones ?? []
