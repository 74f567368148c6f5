// Tests of the drawing run in plain node; tests of components (*.test.tsx) in a pretended page.
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

const PAGES = ['src/**/*.test.tsx']
const MOCKED = ['src/views/table/*.test.tsx', 'src/dog/beside/*.test.tsx']
const page = {
  environment: 'happy-dom',
  environmentOptions: { happyDOM: { url: 'http://salon.test/' } },
  restoreMocks: true,
  unstubGlobals: true,
  setupFiles: ['src/testing.setup.ts'],
}

export default defineConfig({
  plugins: [react()],
  test: {
    // A busy machine may take twenty times as long as an idle one: only a test that hangs is to fail by the clock.
    testTimeout: 180_000,
    hookTimeout: 180_000,
    // Both cores: left to itself it keeps one free, and other parts of a run fill what is idle anyway.
    maxWorkers: '100%',
    projects: [
      { extends: true, test: { name: 'drawing', include: ['src/**/*.test.ts'], environment: 'node' } },
      // Modules are loaded once for all of them: what is kept in one is a cache of what it was asked.
      { extends: true, test: { ...page, name: 'components', include: PAGES, exclude: MOCKED, isolate: false } },
      // These put something else in the place of a module.
      { extends: true, test: { ...page, name: 'mocked', include: MOCKED } },
    ],
  },
})
