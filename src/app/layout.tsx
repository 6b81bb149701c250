import type { Metadata, Viewport } from 'next'
import { connection } from 'next/server'
import type { ReactNode } from 'react'
import { standingOf } from '@/core/rights'
import { unlessAway } from '@/service/house/away'
import { Worker } from '@/ui/device/Worker'
import '@/ui/theme/antd.generated.css'
import '@/ui/theme/base.css'
import { WhoHere, type WhoSeen } from '@/ui/who/WhoHere'
import { FONTS } from './fonts'
import { whoIsHere } from './theHouse'
import { TABLE_ACTS } from './who/acts'

export const metadata: Metadata = {
  title: { default: 'Kovit', template: '%s · Kovit' },
  description: "Plans, times and records every stage of a dog's full groom.",
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

export default async function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" className={FONTS}>
      <body>
        <WhoHere who={await seen()} acts={TABLE_ACTS}>
          {children}
        </WhoHere>
        <Worker />
      </body>
    </html>
  )
}

/** Who is at the table; nobody while the database is away: the page says so itself. */
async function seen(): Promise<WhoSeen | null> {
  await connection()
  const here = await unlessAway(async () => ({ ok: true, value: await whoIsHere() }))
  if (!here.ok || !here.value?.who) return null
  const { who, house } = here.value
  return { id: who.id, name: who.name, standing: standingOf(who), demo: house.demo, restMin: house.restMin }
}
