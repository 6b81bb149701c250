/** Set by the door to the house's network on what comes in by it: no browser can leave it out or put it in. */
export const OUTSIDE = 'x-kovit-outside'
/** The page that was asked for, so that who has to sign in first comes back to it. */
export const ASKED_PATH = 'x-kovit-asked'

/** Names under which Kovit is served when it serves this machine alone. */
export const LOOPBACK_NAMES: readonly string[] = ['127.0.0.1', 'localhost', '[::1]']

/** The largest body that anything here takes, bytes: a picture as the bench makes it small. Common practice. */
export const MOST_BODY_BYTES = 3_000_000
export const TOO_LARGE = `What was sent is larger than ${MOST_BODY_BYTES / 1e6} MB.`

/** What a request says of itself; null where it says nothing. */
export interface Knock {
  method: string
  host: string | null
  origin: string | null
  /** `sec-fetch-site`: which site asks, as the browser sees it. */
  site: string | null
  /** `sec-fetch-mode`: `navigate` where a person follows a link. */
  mode: string | null
  /** `content-length`, in bytes. */
  length: string | null
}

export interface Refusal {
  status: 403 | 413 | 421
  sentence: string
}

/**
 * Why a request is not let in; null when it is. Another site may lead here by a link, and ask for nothing else; a name that
 * is not served is one that another site points here to read the house as its own pages.
 *
 * @param names the host names that are served, without ports
 * @see OWASP ASVS 5, chapter 3.5 (requests of other origins) and 5.2.1 (sizes)
 */
export function refusedAtTheDoor(knock: Knock, names: readonly string[]): Refusal | null {
  const { method, host, origin, site, mode, length } = knock
  const name = (host ?? '').toLowerCase().replace(/:\d+$/, '')
  if (!names.includes(name)) return { status: 421, sentence: 'Kovit is not served under this name.' }
  const isRead = method === 'GET' || method === 'HEAD'
  const isLink = isRead && mode === 'navigate'
  const isOther = site === 'cross-site' || site === 'same-site'
  if ((isOther && !isLink) || (origin !== null && hostOf(origin) !== host?.toLowerCase()))
    return { status: 403, sentence: 'This was sent by another site.' }
  // Every browser says where it writes from; what does not say so is no page of this house.
  if (!isRead && origin === null) return { status: 403, sentence: 'This does not say which page it was sent from.' }
  if (Number(length ?? 0) > MOST_BODY_BYTES) return { status: 413, sentence: TOO_LARGE }
  return null
}

const hostOf = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null)
