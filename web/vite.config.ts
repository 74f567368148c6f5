// Builds into public/app, which nginx serves; in development the API is proxied to the running demo.
import babel from '@rolldown/plugin-babel'
import tailwindcss from '@tailwindcss/vite'
import react, { reactCompilerPreset } from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

// Components and hooks: there the compiler keeps what has not changed, so that a tap draws only what it touched.
const DRAWN = /\/src\/.*(\.tsx|\/use[A-Z]\w*\.ts)$/

export default defineConfig({
  plugins: [
    react(),
    babel({ include: DRAWN, parallel: true, presets: [reactCompilerPreset()] }),
    tailwindcss(),
  ],
  build: { outDir: '../public/app', emptyOutDir: true, target: 'es2022' },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.KT_PORT ?? 8460}` } },
})
