import styles from './who.module.css'

/** Where other screens reach this house. */
export interface SharedAt {
  /** The first address is in the picture. */
  addresses: readonly string[]
  /** The first address as a picture that a camera reads, an SVG path on a square of so many dots. */
  picture: { path: string; dots: number }
  /** SHA-256 of the certificate, by which a device can see that it is this house. */
  fingerprint: string
}

/** How tablets and phones of the house's network find it, and why they warn. */
export function Address({ shared }: { shared: SharedAt | null }) {
  if (!shared)
    return (
      <section className={styles.section} aria-label="Address">
        <h2>Other screens</h2>
        <p>
          This house serves the machine it runs on, and nothing else. To use tablets and phones in the same network,
          start it with
        </p>
        <p className={styles.command}>npm start -- --share</p>
        <p className="kv-quiet">
          It then has an address over HTTPS, shown here with a picture to scan. Nobody comes in there without a code.
        </p>
      </section>
    )
  const { addresses, picture, fingerprint } = shared
  return (
    <section className={styles.section} aria-label="Address">
      <h2>Other screens</h2>
      <svg
        className={styles.picture}
        viewBox={`-2 -2 ${picture.dots + 4} ${picture.dots + 4}`}
        role="img"
        aria-label={`The address ${addresses[0]} as a picture for a camera`}
        shapeRendering="crispEdges"
      >
        <rect x={-2} y={-2} width="100%" height="100%" fill="#fff" />
        <path d={picture.path} fill="#000" />
      </svg>
      {addresses.map((address) => (
        <p key={address} className={styles.command}>
          {address}
        </p>
      ))}
      <p>
        A device that opens it for the first time warns: it does not know this house yet. That is right, since the house
        made its certificate itself. Take the{' '}
        <a href="/house-certificate" download="kovit-house.crt">
          certificate of the house
        </a>{' '}
        to the device once and trust it there; then the warning is gone, and it works without a network too.
      </p>
      <p className="kv-small">
        The device shows this fingerprint of it; another one is not this house:{' '}
        <span className={styles.print}>{fingerprint}</span>
      </p>
    </section>
  )
}
