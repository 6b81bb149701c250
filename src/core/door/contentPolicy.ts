/**
 * What a page may load and run: its own files, and the scripts that carry the number made for this one answer. Styles may
 * stand in the page, since Ant Design and the drawings set them on their elements.
 *
 * @see OWASP ASVS 5, 3.4.3
 */
export const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ].join('; ')
