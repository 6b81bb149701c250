import { HouseDay, planDay } from '@/core/day'
import { fileCommand } from './lib/fileCommand'

/** `npm run -s day -- FILE.json`: a day in, a plan of the day out. */
process.exitCode = fileCommand('day', 'day', HouseDay, (day) => planDay(day))
