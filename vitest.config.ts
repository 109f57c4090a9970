import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'
import { words } from './words.plugin'

// Apart from the build's configuration: Laravel's plugin refuses to serve where the environment says CI,
// and the unit tests need no asset manifest. The files share what they load: loading it anew for each takes four fifths of
// the time.
export default defineConfig({
  plugins: [words(), react()],
  resolve: { alias: { '@words': '/resources/js/shared/words' } },
  test: { include: ['resources/js/**/*.test.ts', 'resources/js/**/*.test.tsx'], environment: 'node', isolate: false },
})
