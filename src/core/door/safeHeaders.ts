/**
 * What every answer says of itself to the browser: it is what it says it is, stands in nobody's frame, and is shared with no
 * other site.
 * @see OWASP ASVS 5, chapter 3.4
 */
export const SAFE_HEADERS = {
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'same-origin',
  'X-Frame-Options': 'DENY',
  'Cross-Origin-Opener-Policy': 'same-origin',
  // With it a page shares memory with its worker: a search can be told to stop.
  'Cross-Origin-Embedder-Policy': 'require-corp',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()',
}
