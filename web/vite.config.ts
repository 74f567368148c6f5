// Builds into public/app, which nginx serves; in development the API is proxied to the running demo.
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: '../public/app', emptyOutDir: true, target: 'es2022' },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.KT_PORT ?? 8460}` } },
})
