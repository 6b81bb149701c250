import type { GateFacts } from '../safety'
import type { Case } from './case'

/** What the gate looks at, of a case. */
export const gateFacts = ({ dog, health = [], behaviour }: Case): GateFacts => ({
  dog,
  health,
  clipperGrade: behaviour?.clipper ?? 0,
})
