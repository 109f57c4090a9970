import { defineConfig } from '@lingui/conf'
import { formatter } from '@lingui/format-po'

/** English stands in the code; each further language is one catalogue of what the code says. `./tinta words` keeps them. */
export default defineConfig({
  sourceLocale: 'en',
  locales: ['pt'],
  catalogs: [{ path: 'resources/words/{locale}', include: ['resources/js'], exclude: ['**/*.test.ts', '**/*.test.tsx'] }],
  runtimeConfigModule: { i18n: ['@words/i18n', 'i18n'], Trans: ['@words/Trans', 'Trans'] },
  orderBy: 'origin',
  format: formatter({ lineNumbers: false }),
})
