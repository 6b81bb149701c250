import type { TableActs } from '@/ui/who/acts'
import { chooseByCode, claimHouse, letIn, signIn, signOut, takeTable } from './actions'

/** How somebody comes to the table, and leaves it. */
export const TABLE_ACTS: TableActs = { signIn, takeTable, chooseByCode, letIn, claimHouse, signOut }
