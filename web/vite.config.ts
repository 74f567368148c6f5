// Builds into public/app, which nginx serves; in development the API is proxied to the running demo.
import babel from '@rolldown/plugin-babel'
import tailwindcss from '@tailwindcss/vite'
import react, { reactCompilerPreset } from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

// Components and hooks: there the compiler keeps what has not changed, so that a tap draws only what it touched.
const DRAWN = /\/src\/.*(\.tsx|\/use[A-Z]\w*\.ts)$/

export default defineConfig({
  plugins: [
    react(),
    babel({ include: DRAWN, parallel: true, presets: [reactCompilerPreset()] }),
    tailwindcss(),
    // The shell for a day without a signal. Its script is registered by src/app/update.ts, where somebody keeps
    // their days; a newer one waits until it is asked for. Owners' pages and the API are the salon's alone.
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Keen Thistle',
        short_name: 'Keen Thistle',
        description: "Every dog's trim, in millimetres and reasons.",
        id: '/',
        start_url: '/',
        display: 'standalone',
        background_color: '#f5efe3',
        theme_color: '#74296a',
        icons: [
          { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icons/512-full.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: '/thistle.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,json}', 'icons/*.png'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/(api|agreement|care|date|receipt|history|calendar|enter)(\/|$)/],
        inlineWorkboxRuntime: true,
        sourcemap: false,
      },
    }),
  ],
  build: { outDir: '../public/app', emptyOutDir: true, target: 'es2022' },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.KT_PORT ?? 8460}` } },
})
