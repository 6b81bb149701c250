'use client'

import { useRouter } from 'next/navigation'
import { heardSomebody } from '../device/link'
import type { TableActs, TableView } from './acts'
import { AtTable } from './AtTable'
import styles from './who.module.css'

interface SignInProps {
  view: TableView
  acts: TableActs
  /** Where to go then, a path of this house. */
  to: string
}

/** The first page of a device on which nobody is at the table. */
export function SignInPage({ view, acts, to }: SignInProps) {
  const router = useRouter()
  const done = () => {
    heardSomebody()
    // A device that was just let in asks who is at its table; everybody else goes where they wanted to.
    router.push(view.needsCode ? `/sign-in?to=${encodeURIComponent(to)}` : to)
    router.refresh()
  }
  return (
    <main className={styles.page}>
      <p className={styles.house}>
        {view.needsCode ? 'Kovit' : view.house}
        {view.device && <span className="kv-small"> {view.device}</span>}
      </p>
      <h1>{view.unclaimed ? 'Whose house is this?' : view.needsCode ? 'A new device' : 'Who is at the table?'}</h1>
      <AtTable view={view} acts={acts} onDone={done} />
    </main>
  )
}
