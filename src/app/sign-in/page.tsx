import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { tableView } from '@/service/who/tableView'
import { SignInPage } from '@/ui/who/SignInPage'
import { shown } from '../shown'
import { whoIsHere } from '../theHouse'
import { TABLE_ACTS } from '../who/acts'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Sign in' }

interface Asked {
  searchParams: Promise<{ to?: unknown }>
}

export default async function SignIn({ searchParams }: Asked) {
  const here = await whoIsHere()
  if (!here) redirect('/set-up')
  return (
    <SignInPage
      view={await tableView(await shown(), here.house)}
      acts={TABLE_ACTS}
      to={ownPath((await searchParams).to)}
    />
  )
}

/** Where to go after signing in: a page of this house, and of no other. */
const ownPath = (to: unknown): string =>
  typeof to === 'string' && /^\/(?![/\\])/.test(to) && !to.startsWith('/sign-in') ? to : '/'
