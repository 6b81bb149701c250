import { readFileSync } from 'node:fs'
import qrcode from 'qrcode'

/** Where other screens reach the house, as it was started; null while it serves its own machine alone. */
export function sharedAt() {
  const addresses = (process.env.KOVIT_SHARED_AT ?? '').split(',').filter(Boolean)
  const [first] = addresses
  if (first === undefined) return null
  const { size, data } = qrcode.create(first, { errorCorrectionLevel: 'M' }).modules
  const dots = Array.from({ length: size * size }, (_, at) =>
    data[at] ? `M${at % size} ${Math.floor(at / size)}h1v1h-1z` : '',
  )
  return { addresses, picture: { path: dots.join(''), dots: size }, fingerprint: process.env.KOVIT_FINGERPRINT ?? '' }
}

/** The certificate of the house, to be trusted by its devices; null where it does not share. It holds no secret. */
export function houseCertificate(): string | null {
  const file = process.env.KOVIT_CERTIFICATE
  return file ? readFileSync(file, 'utf8') : null
}
