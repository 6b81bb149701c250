export { repeatScore } from './repeat'
export { Verdict, Verdicts, bent, verdictWords } from './verdict'
