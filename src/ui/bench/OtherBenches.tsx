import Link from 'next/link'
import { showSpan } from '@/core/clock'
import type { OtherDog } from './useOtherBenches'
import styles from './bench.module.css'

/** The other dogs of today, each one key away: its stage and clock, or what is left of its wait. */
export function OtherBenches({ dogs, nowMs }: { dogs: readonly OtherDog[]; nowMs: number }) {
  if (dogs.length === 0) return null
  return (
    <nav className={styles.others} aria-label="Also on the bench">
      <span>Also on the bench</span>
      {dogs.map((dog, at) => (
        <Link key={dog.visitId} href={dog.href} data-over={dog.wait !== null && dog.wait.untilMs <= nowMs}>
          <kbd>{at + 1}</kbd>
          <b>{dog.name}</b> {dog.words} <b>{clockOf(dog, nowMs)}</b>
        </Link>
      ))}
    </nav>
  )
}

function clockOf({ wait, handsMs }: OtherDog, nowMs: number): string {
  if (wait === null) return showSpan(handsMs)
  const leftMs = wait.untilMs - nowMs
  return leftMs > 0 ? `${showSpan(leftMs)} left` : `wait over by ${showSpan(-leftMs)}`
}
