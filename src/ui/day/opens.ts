/** What a dog's way on leads to, in words. */
export const opens = (href: string): string =>
  href.endsWith('/bench') ? 'Open the bench' : href.endsWith('/plan') ? 'Open the plan' : 'Open the file'
