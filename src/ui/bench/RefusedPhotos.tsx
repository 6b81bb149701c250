import type { KeptPhoto } from '../device/store'
import styles from './bench.module.css'

interface RefusedProps {
  photos: readonly KeptPhoto[]
  letGo: (id: string) => void
}

/** Pictures that the books did not take stay on this device, and say so. */
export function RefusedPhotos({ photos, letGo }: RefusedProps) {
  if (photos.length === 0) return null
  const why = [...new Set(photos.map(({ refused }) => refused))].join(' ')
  return (
    <div className={styles.aside} role="alert">
      <b>A picture was not taken by the house’s books: {why} It is still on this device.</b>
      <span className={styles.missedActs}>
        <button onClick={() => photos.forEach(({ id }) => letGo(id))}>Go on without it</button>
      </span>
    </div>
  )
}
