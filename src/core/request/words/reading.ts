import type { Spoken } from './spoken'
import type { Chatter, Question, Remark } from './understood'

/** What a text comes to; every word of it stands in one of these. */
export interface Reading {
  spoken: Spoken[]
  unclear: Question[]
  chatter: Chatter[]
  remarks: Remark[]
}

/** What somebody chose when words were asked back: in place of these words, those are read. */
export interface Answer {
  asked: string
  said: string
}
