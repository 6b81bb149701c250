/** Whether a request comes from a page of this app: no other site may write. */
export function sentFromHere(request: Request): boolean {
  const origin = request.headers.get('origin')
  if (origin === null) return true
  return URL.canParse(origin) && new URL(origin).host === request.headers.get('host')
}
