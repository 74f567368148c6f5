// What bin/bench runs against a salon that stands: never a part of the tests.
import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: { include: ['bench/*.ts'], environment: 'node', testTimeout: 3_600_000 },
})
