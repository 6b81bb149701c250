import { VIEWS, type ViewId } from '@/core/figure'
import styles from './viewTabs.module.css'

const NAMES: Record<ViewId, string> = {
  side: 'Side',
  front: 'Front',
  rear: 'Rear',
  top: 'Above',
  'head-front': 'Face',
  'head-side': 'Head',
}

/** From where the dog is looked at. */
export function ViewTabs({ view, onView }: { view: ViewId; onView: (view: ViewId) => void }) {
  return (
    <div className={styles.tabs} role="group" aria-label="View">
      {VIEWS.map((id) => (
        <button key={id} aria-pressed={view === id} onClick={() => onView(id)}>
          {NAMES[id]}
        </button>
      ))}
    </div>
  )
}
