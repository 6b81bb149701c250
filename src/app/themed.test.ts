import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { describe, expect, it } from 'vitest'

const SRC = resolve(import.meta.dirname, '..')
const ENDS = ['.ts', '.tsx', '/index.ts', '/index.tsx']
const THEME = join(SRC, 'ui/theme/Themed.tsx')

/** Where an import leads: a file of ours, or the name of a package. */
function leadsTo(from: string, name: string): string {
  const path = name.startsWith('@/') ? join(SRC, name.slice(2)) : resolve(dirname(from), name)
  const ours = name.startsWith('@/') || name.startsWith('.')
  return ours ? path + (ENDS.find((end) => existsSync(path + end)) ?? '') : name
}

function importsOf(file: string): string[] {
  const text = readFileSync(file, 'utf8')
  const at = text.matchAll(/^(?:import|export)\s(?!type\b)[^'"]*?from '([^']+)'/gms)
  const later = text.matchAll(/import\('([^']+)'\)/g)
  return [...at, ...later].map(([, name]) => leadsTo(file, name ?? ''))
}

/** All that a file loads, and what that loads. */
function loadedBy(file: string): Set<string> {
  const seen = new Set<string>()
  const look = (each: string) => {
    if (seen.has(each)) return
    seen.add(each)
    if (/\.tsx?$/.test(each)) importsOf(each).forEach(look)
  }
  look(file)
  return seen
}

/** The layouts a page stands under, its own folder's first. */
function layoutsOf(page: string): string[] {
  const layouts: string[] = []
  for (let folder = dirname(page); folder !== SRC; folder = dirname(folder))
    if (existsSync(join(folder, 'layout.tsx'))) layouts.push(join(folder, 'layout.tsx'))
  return layouts
}

const PAGES = readdirSync(join(SRC, 'app'), { recursive: true, encoding: 'utf8' })
  .filter((name) => /(^|\/)(page|error|not-found|loading)\.tsx$/.test(name))
  .map((name) => join(SRC, 'app', name))
const isThemed = (page: string) => layoutsOf(page).some((layout) => importsOf(layout).includes(THEME))

describe('parts of the library', () => {
  it('are on no page that does not stand under their theme', () => {
    const using = PAGES.filter((page) => loadedBy(page).has('antd'))
    expect(using.length).toBeGreaterThan(10)
    expect(using.filter((page) => !isThemed(page)).map((page) => relative(SRC, page))).toEqual([])
  })
  it.each(['(day)/page.tsx', 'visits/[visitId]/bench/page.tsx', 'bookings/[bookingId]/bench/page.tsx'])(
    'are not loaded with %s',
    (name) => {
      const page = join(SRC, 'app', name)
      const loaded = [page, ...layoutsOf(page)].flatMap((file) => [...loadedBy(file)])
      expect(loaded).toContain('react')
      expect(loaded).not.toContain('antd')
    },
  )
})
