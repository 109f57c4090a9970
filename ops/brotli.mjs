// brotli.mjs FILE... : each beside itself, compressed as far as it goes, for nginx to hand out.
import { readFileSync, writeFileSync } from 'node:fs'
import { brotliCompressSync, constants } from 'node:zlib'

for (const file of process.argv.slice(2)) {
  const bytes = readFileSync(file)
  writeFileSync(`${file}.br`, brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length, [constants.BROTLI_PARAM_MODE]: constants.BROTLI_MODE_TEXT } }))
}
