import type { Metadata } from 'next'
import { SetUpStep } from '@/core/house'
import { readSetUp } from '@/service/house/setUpView'
import { SetUp } from '@/ui/set-up/SetUp'
import { HOUSE_ACTS } from '../rules/acts'
import { redirect } from 'next/navigation'
import { mayDo } from '@/core/rights'
import { NotYours } from '@/ui/who/NotYours'
import { whoIsHere } from '../theHouse'
import { openBook } from '../who/actions'
import { passStep, takeCommonKit } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Set up the house' }

interface Asked {
  searchParams: Promise<{ step?: unknown }>
}

export default async function SetUpPage({ searchParams }: Asked) {
  const here = await whoIsHere()
  if (here && !here.who) redirect('/sign-in?to=/set-up')
  if (here?.who && !mayDo(here.who, 'house')) return <NotYours who={here.who} right="house" />
  const asked = SetUpStep.safeParse((await searchParams).step)
  return (
    <SetUp
      view={await readSetUp()}
      asked={asked.success ? asked.data : null}
      acts={{ ...HOUSE_ACTS, openBook, passStep, takeCommonKit }}
    />
  )
}
