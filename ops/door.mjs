// Draws the sign-in page in a language, as HTML: node ops/door.mjs LANGUAGE > FILE
import { pathToFileURL } from 'node:url'

const [, , language] = process.argv
// What the page asks of a browser before it draws anything: its language and the words of it, what this device holds (nothing), and to
// be told of things that never happen here.
const nothing = () => null
globalThis.window = globalThis
globalThis.document = { documentElement: { lang: language }, addEventListener: nothing }
globalThis.addEventListener = nothing
globalThis.localStorage = globalThis.sessionStorage = { getItem: nothing, setItem: nothing, removeItem: nothing }
const piece = (name) => import(pathToFileURL(`var/door/${name}.js`).href)
if (language !== 'en') await piece(language)
const { door } = await piece('door')
process.stdout.write(door())
