import { Case, makePlan } from '@/core/plan'
import { fileCommand } from './lib/fileCommand'

/** `npm run -s plan -- FILE.json`: a case in, a plan out. */
process.exitCode = fileCommand('plan', 'case', Case, makePlan)
