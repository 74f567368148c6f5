// Fails when the script of a first load (the entry with what it imports at once) is over 160 kB gzipped.
import { readFileSync, readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'

const app = join(dirname(fileURLToPath(import.meta.url)), '../../public/app')
const html = readFileSync(join(app, 'index.html'), 'utf8')
const first = new Set([...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) => m[1]))
for (const file of first)
  for (const m of readFileSync(join(app, file), 'utf8').matchAll(/from\s?"\.\/([^"]+\.js)"/g))
    first.add('assets/' + m[1])
const kB = (files) => files.reduce((sum, f) => sum + gzipSync(readFileSync(join(app, f))).length, 0) / 1000
const all = readdirSync(join(app, 'assets'))
  .filter((f) => f.endsWith('.js'))
  .map((f) => 'assets/' + f)
console.log(
  `first load ${kB([...first]).toFixed(1)} kB of gzipped script (all routes: ${kB(all).toFixed(1)} kB), 160 allowed`,
)
if (first.size === 0 || kB([...first]) > 160) process.exit(1)
