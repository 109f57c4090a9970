import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

// Apart from the build's configuration: Laravel's plugin refuses to serve where the environment says CI,
// and the unit tests need no asset manifest.
export default defineConfig({
  plugins: [react()],
  test: { include: ['resources/js/**/*.test.ts', 'resources/js/**/*.test.tsx'], environment: 'node' },
})
