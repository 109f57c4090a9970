import { lingui } from '@lingui/vite-plugin'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { words } from './words.plugin'

// The sign-in page as it is drawn at the build (`ops/door.mjs`): for node, and thrown away once it is drawn.
export default defineConfig({
  publicDir: false,
  plugins: [words(), lingui({ failOnMissing: true, failOnCompileError: true }), react()],
  resolve: { alias: { '@words': '/resources/js/shared/words' } },
  // All of it in one: node reads a library's own folders otherwise than the page's build does.
  ssr: { noExternal: true },
  build: {
    target: 'es2022',
    ssr: true,
    outDir: 'var/door',
    rolldownOptions: { input: { door: 'resources/js/app/door.tsx', pt: 'resources/js/words/pt.ts' } },
  },
})
