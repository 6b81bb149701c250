import { Modal } from 'antd'
import Link from 'next/link'
import { clockOf, weekdayOf } from '@/core/people'
import { showMinutes } from '@/core/clock'
import { showDay } from '@/core/units'
import { whoFits } from '@/core/waiting'
import type { Gap } from './DayRow'
import type { BookView } from './view'
import styles from './book.module.css'

/** Who fits a stretch that is free, the best first, each with how to reach its people. */
export function GapPanel({ gap, view, close }: { gap: Gap; view: BookView; close: () => void }) {
  const fits = whoFits({ ...gap, near: '' }, view.waiting)
  const groomer = view.staff.find(({ id }) => id === gap.staffId)?.name ?? ''
  return (
    <Modal
      open
      footer={null}
      onCancel={close}
      title={`${weekdayOf(gap.day)} ${showDay(gap.day)}, ${clockOf(gap.from)} to ${clockOf(gap.to)}, ${groomer}`}
    >
      <p className="kv-quiet">
        {showMinutes(gap.to - gap.from)} free. Who fits, by week, length and how long they wait:
      </p>
      {fits.length === 0 && <p>Nobody who waits or is due fits. Find a dog, and book from its file.</p>}
      <ul className={styles.fits}>
        {fits.map(({ waiting, why }) => (
          <li key={waiting.dogId}>
            <span>
              <b>{waiting.dog}</b> {waiting.breed}, {waiting.slotMin} min, {why}
              <br />
              <span className="kv-small">
                {waiting.asked ? `On the list${waiting.note ? `: ${waiting.note}` : ''}` : 'Due, nothing booked'}.{' '}
                {waiting.owner}
                {waiting.phone && (
                  <>
                    {' '}
                    <a href={`tel:${waiting.phone.replace(/\s/g, '')}`}>{waiting.phone}</a>
                  </>
                )}
              </span>
            </span>
            <Link
              className="kv-button"
              href={`/dogs/${waiting.dogId}?book=${gap.day}T${clockOf(gap.from)}&with=${gap.staffId}`}
            >
              Book it
            </Link>
          </li>
        ))}
      </ul>
      {fits.length > 0 && (
        <p className="kv-small">
          The best of those who are due. <Link href="/book/waiting">Everybody who waits</Link>
        </p>
      )}
    </Modal>
  )
}
