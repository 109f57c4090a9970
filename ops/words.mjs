// words.mjs [--check]: brings resources/words up to what the page says; with --check says what is missing, unused or cut short.
import { execFileSync } from 'node:child_process'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'

const folder = 'resources/words'
const check = process.argv.includes('--check')
const files = readdirSync(folder).filter((name) => name.endsWith('.po')).map((name) => `${folder}/${name}`)
const before = new Map(files.map((file) => [file, readFileSync(file, 'utf8')]))
execFileSync('node_modules/.bin/lingui', ['extract', '--clean'], { stdio: ['ignore', 'ignore', 'inherit'] })

/** Every message of a catalogue: its key, and how it is said. */
function said(text) {
  const line = (block, name) => [...(block.match(new RegExp(`^${name} ((?:".*"\\n?)+)`, 'm'))?.[1] ?? '""').matchAll(/"(?:[^"\\]|\\.)*"/g)].map(([part]) => JSON.parse(part)).join('')
  return new Map(text.split('\n\n').slice(1).map((block) => [`${line(block, 'msgctxt')}|${line(block, 'msgid')}`, line(block, 'msgstr')]))
}

const holes = (text) => (text.match(/\{\w+\}|<\/?\d+\/?>/g) ?? []).sort().join(' ')
let wrong = 0
const tell = (file, what, key) => { wrong++; console.error(`${file}: ${what}: ${JSON.stringify(key.split('|').slice(1).join('|'))}`) }
for (const file of files) {
  const now = said(readFileSync(file, 'utf8'))
  for (const [key, words] of now) {
    if (words.trim() === '') tell(file, 'not said yet', key)
    else if (holes(words) !== holes(key)) tell(file, 'leaves out or adds what stands in braces', key)
  }
  if (!check) continue
  for (const key of said(before.get(file)).keys()) if (!now.has(key)) tell(file, 'nothing says it any more', key)
  writeFileSync(file, before.get(file))
}
if (wrong > 0) {
  console.error(check ? 'Bring the catalogues up with ./tinta words, and say what is missing.' : 'Say these in the catalogues, then again ./tinta words.')
  process.exitCode = 1
}
