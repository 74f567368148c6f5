// Tests of the drawing run in plain node; tests of components (*.test.tsx) in a pretended page.
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

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
      {
        extends: true,
        test: {
          name: 'components',
          include: ['src/**/*.test.tsx'],
          environment: 'jsdom',
          environmentOptions: { jsdom: { url: 'http://salon.test/' } },
          restoreMocks: true,
          unstubGlobals: true,
          setupFiles: ['src/testing.setup.ts'],
        },
      },
    ],
  },
})
