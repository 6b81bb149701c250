/** What runs once when the pages are started. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { watchRequests } = await import('./service/watch/watchRequests')
  watchRequests()
  const { quickly } = await import('./app/quickly')
  // scripts/pages.mjs asks it first: it is compiled here, and not there.
  Object.assign(globalThis, { kovitQuickly: quickly })
}
