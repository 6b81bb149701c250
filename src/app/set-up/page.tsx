import type { Metadata } from 'next'
import { SetUpStep } from '@/core/house'
import { readSetUp } from '@/service/house/setUpView'
import { SetUp } from '@/ui/set-up/SetUp'
import { HOUSE_ACTS } from '../rules/acts'
import { passStep, setUpHouse, takeCommonKit } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Set up the house' }

interface Asked {
  searchParams: Promise<{ step?: unknown }>
}

export default async function SetUpPage({ searchParams }: Asked) {
  const asked = SetUpStep.safeParse((await searchParams).step)
  return (
    <SetUp
      view={await readSetUp()}
      asked={asked.success ? asked.data : null}
      acts={{ ...HOUSE_ACTS, setUpHouse, passStep, takeCommonKit }}
    />
  )
}
