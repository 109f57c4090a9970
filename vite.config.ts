import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [laravel({ input: 'resources/js/app/main.tsx', refresh: false }), react()],
  build: { target: 'es2022', sourcemap: false },
})
