import Link from 'next/link'
import { showSpan } from '@/core/clock'
import type { OtherDog } from './useOtherBenches'
import styles from './bench.module.css'

interface OthersProps {
  dogs: readonly OtherDog[]
  /** Also those that wait, in the order of their keys. */
  all: readonly OtherDog[]
}

/** The other dogs of today under somebody's hands, each one key away: its stage and clock. Those that wait show their wait. */
export function OtherBenches({ dogs, all }: OthersProps) {
  if (dogs.length === 0) return null
  return (
    <nav className={styles.others} aria-label="Also on the bench">
      {dogs.map((dog) => (
        <Link key={dog.visitId} href={dog.href}>
          <kbd>{all.indexOf(dog) + 1}</kbd>
          <b>{dog.name}</b> <span>{dog.words}</span> <b>{showSpan(dog.handsMs)}</b>
        </Link>
      ))}
    </nav>
  )
}
