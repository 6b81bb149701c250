/** The server of the pages: what is started, and by what a process is known to be one. */
export const PAGES = 'scripts/pages.mjs'
