import ICAL from 'ical.js'
import Papa from 'papaparse'

/** A list as it lies in a file: what stands at the head of each column, and its rows. */
export interface OpenList {
  heads: string[]
  rows: string[][]
  /** How it was written, in words. */
  how: string
}

/** Opens a list: separated values of any kind, or contacts as vCard 3 and 4. Null where nothing stands in it. */
export function openList(bytes: ArrayBuffer): OpenList | null {
  const { text, encoding } = decoded(bytes)
  if (/^\s*BEGIN:VCARD/i.test(text)) return contacts(text, encoding)
  const { data, meta } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' })
  const [heads, ...rows] = data
  if (!heads || rows.length === 0) return null
  const by = { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'bars' }[meta.delimiter] ?? meta.delimiter
  return { heads: heads.map((head) => head.trim()), rows, how: `${encoding}, separated by ${by}` }
}

/** Text by its mark; without one UTF-8 where it is that, else as Windows writes western languages. */
function decoded(bytes: ArrayBuffer): { text: string; encoding: string } {
  const [a, b, c] = new Uint8Array(bytes)
  if (a === 0xef && b === 0xbb && c === 0xbf) return { text: new TextDecoder('utf-8').decode(bytes), encoding: 'UTF-8' }
  if (a === 0xff && b === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16' }
  if (a === 0xfe && b === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16' }
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' }
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' }
  }
}

/** Contacts as rows: name, numbers, address, notes (RFC 2426, RFC 6350). A card that cannot be read is an empty row. */
function contacts(text: string, encoding: string): OpenList {
  const cards = text.split(/(?=^BEGIN:VCARD)/im).filter((card) => /BEGIN:VCARD/i.test(card))
  const rows = cards.map((card) => {
    try {
      return contact(new ICAL.Component(ICAL.parse(card) as unknown[]))
    } catch {
      return ['', '', '', '', '']
    }
  })
  return { heads: ['Owner', 'Number', 'E-mail', 'Address', 'Notes'], rows, how: `contacts (vCard), ${encoding}` }
}

function contact(card: InstanceType<typeof ICAL.Component>): string[] {
  const all = (name: string) =>
    card.getAllProperties(name).map((property) => flat(property.getFirstValue()).replace(/^tel:/, ''))
  const [fn = ''] = all('fn')
  const [n = ''] = card.getAllProperties('n').map((property) => {
    const [last = '', first = ''] = [property.getFirstValue()].flat().map(String)
    return `${first} ${last}`.trim()
  })
  return [fn || n, all('tel').join(' / '), all('email')[0] ?? '', all('adr')[0] ?? '', all('note').join('; ')]
}

const flat = (value: unknown): string =>
  Array.isArray(value) ? value.map(flat).filter(Boolean).join(', ') : typeof value === 'string' ? value.trim() : ''
