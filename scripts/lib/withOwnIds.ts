let drawings = 0

/** Ids are counted anew in every drawing; on a page of many each drawing gets its own. */
export function withOwnIds(html: string): string {
  const own = `d${++drawings}`
  return html
    .replaceAll(/id="/g, `id="${own}`)
    .replaceAll(/href="#/g, `href="#${own}`)
    .replaceAll(/url\(#/g, `url(#${own}`)
}
