import purgecss from '@fullhuman/postcss-purgecss'
import { lingui } from '@lingui/vite-plugin'
import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import type { Plugin } from 'postcss'
import { defineConfig } from 'vite'
import { pieceOf } from './chunks'
import { words } from './words.plugin'

/** Of Bootstrap's style only what the page can show: what our own code and Bootstrap's components name. */
const used = purgecss({
  content: ['resources/js/**/*.{ts,tsx}', 'resources/views/**/*.php', 'node_modules/react-bootstrap/esm/{Modal,Offcanvas,Form,AbstractModal,Close,Fade}*.js'],
  // Names that components put together.
  safelist: { standard: [/^modal/, /^offcanvas/, /^form-(control|select|check|range)/, /^btn($|-)/, 'invalid-feedback', 'was-validated'] },
})
const bootstrapOnly: Plugin = {
  postcssPlugin: 'of-bootstrap-what-is-used',
  async OnceExit(root, more) {
    if (root.source?.input.file?.includes('bootstrap') === true && 'OnceExit' in used) await used.OnceExit?.(root, more)
  },
}

export default defineConfig({
  plugins: [laravel({ input: ['resources/js/app/first.ts', 'resources/js/app/main.tsx', 'resources/js/words/pt.ts'], refresh: false }), words(), lingui({ failOnMissing: true, failOnCompileError: true }), react()],
  resolve: { alias: { '@words': '/resources/js/shared/words' } },
  css: { postcss: { plugins: [bootstrapOnly] } },
  build: { target: 'es2022', sourcemap: false, rolldownOptions: { output: { codeSplitting: { includeDependenciesRecursively: false, groups: [{ name: pieceOf }] } } } },
})
