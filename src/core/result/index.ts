export { firstProblems, problemsOf, refuse } from './problems'
export type { Problem, Result } from './problems'
