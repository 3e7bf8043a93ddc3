import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'
import { expect, it } from 'vitest'

const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((f) => /\.tsx?$/.test(f) && !/\.test\.|generated|^test\//.test(f))
  .map((f) => join('src', f))
const text = new Map(files.map((f) => [f, readFileSync(f, 'utf8')]))

/** What a file builds on; types too, since a reader must follow them as well. */
function importsOf(file: string): string[] {
  const named = [...text.get(file)!.matchAll(/from '((?:\.|@\/)[^']*)'/g)].map((m) => m[1]!)
  return named.flatMap((name) => {
    const path = normalize(name.startsWith('@/') ? join('src', name.slice(2)) : join(dirname(file), name))
    return files.filter((f) => f.replace(/\.tsx?$/, '') === path)
  })
}

/** The first circle that is found, as a way back to where it begins. */
function circleIn(edges: Map<string, string[]>): string[] {
  const done = new Set<string>()
  const walk = (at: string, way: string[]): string[] => {
    if (way.includes(at)) return [...way.slice(way.indexOf(at)), at]
    if (done.has(at)) return []
    for (const next of edges.get(at) ?? []) {
      const found = walk(next, [...way, at])
      if (found.length > 0) return found
    }
    done.add(at)
    return []
  }
  for (const at of edges.keys()) {
    const found = walk(at, [])
    if (found.length > 0) return found
  }
  return []
}

const byFile = new Map(files.map((f) => [f, importsOf(f)]))

it('has no circle among its files', () => {
  expect(circleIn(byFile)).toEqual([])
})

it('sees a circle that is planted', () => {
  expect(circleIn(new Map(Object.entries({ a: ['b'], b: ['c'], c: ['b'] })))).toEqual(['b', 'c', 'b'])
})

it('has no circle among the domains, and none among the folders of ui', () => {
  const home = (f: string) =>
    f
      .split('/')
      .slice(0, f.startsWith('src/features') || f.startsWith('src/ui') ? 3 : 2)
      .join('/')
  const edges = new Map<string, string[]>()
  for (const [f, to] of byFile)
    edges.set(home(f), [...(edges.get(home(f)) ?? []), ...to.map(home).filter((h) => h !== home(f))])
  expect(circleIn(edges)).toEqual([])
})

it('has components that one reads in one go', () => {
  const long = files
    .filter((f) => f.endsWith('.tsx'))
    .flatMap((f) =>
      [...text.get(f)!.matchAll(/^(?:export )?(?:default )?function (\w+)[\s\S]*?^}$/gm)].map(
        (m) => [m[1]!, m[0].split('\n').length] as const,
      ),
    )
  expect(long.length).toBeGreaterThan(300)
  expect(long.filter(([, lines]) => lines > 120)).toEqual([])
})

it('has folders that one sees at a glance', () => {
  const counts = new Map<string, number>()
  for (const f of files) counts.set(dirname(f), (counts.get(dirname(f)) ?? 0) + 1)
  expect([...counts].filter(([, n]) => n > 15)).toEqual([])
})
