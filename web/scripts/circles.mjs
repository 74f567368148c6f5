// Fails where files of the front end import each other in a circle (types too), or are longer than they may be.
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'

const LONGEST = 300
const root = join(import.meta.dirname, '../src')
const files = readdirSync(root, { recursive: true }).filter((f) => /\.tsx?$/.test(f) && !f.includes('.gen.'))
const known = new Map(files.map((f) => [f.replace(/\.tsx?$/, ''), f]))
const text = Object.fromEntries(files.map((f) => [f, readFileSync(join(root, f), 'utf8')]))
const needs = (f) =>
    [...text[f].matchAll(/(?:from |import\()'(\.[^']+)'/g)]
        .map(([, spec]) => known.get(normalize(join(dirname(f), spec))))
        .filter((t) => t !== undefined)

const done = new Set()
const circles = []
function visit(f, way) {
    if (way.includes(f)) return circles.push([...way.slice(way.indexOf(f)), f].join(' → '))
    if (done.has(f)) return
    for (const t of needs(f)) visit(t, [...way, f])
    done.add(f)
}
for (const f of files) visit(f, [])
const long = files.filter((f) => text[f].split('\n').length - 1 > LONGEST)
for (const c of circles) console.error(`circle: ${c}`)
for (const f of long) console.error(`longer than ${LONGEST} lines: ${f}`)
if (circles.length + long.length > 0) process.exit(1)
console.log(`${files.length} files, no circles, none over ${LONGEST} lines`)
