import styles from './who.module.css'

interface CodeShownProps {
  code: string
  minutes: number
  how: string
}

/** A code, this once: large enough to be typed from across the room. */
export const CodeShown = ({ code, minutes, how }: CodeShownProps) => (
  <div role="status">
    <p className={styles.code}>
      {code.slice(0, 4)} {code.slice(4)}
    </p>
    <p className="kv-small">
      {how} It lets in once, within {minutes} minutes, and is not shown again.
    </p>
  </div>
)
