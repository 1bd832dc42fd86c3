import { defineConfig } from 'vitest/config'
import { BaseSequencer, type TestSpecification } from 'vitest/node'

const project = (name: string, include: string[]) => ({
  test: {
    name,
    include,
    environment: 'node' as const,
    pool: 'threads' as const,
    isolate: false,
    testTimeout: 60_000,
    hookTimeout: 60_000,
    setupFiles: ['./tests/sameDraws.ts'],
  },
})
/** The data tests share one database: their files take turns by name, the same on every machine. The others by how long they took. */
class Turns extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const ofData = (file: TestSpecification) => file.project.name === 'data'
    const byName = files.filter(ofData).sort((one, other) => one.moduleId.localeCompare(other.moduleId, 'en'))
    return [...(await super.sort(files.filter(file => !ofData(file)))), ...byName]
  }
}
export default defineConfig({
  test: {
    sequence: { sequencer: Turns },
    projects: [
      project('unit', ['core/**/*.test.ts', 'web/**/*.test.ts', 'demo/**/*.test.ts', 'scripts/**/*.test.mjs']),
      project('outside', ['tests/outside/**/*.test.ts']),
      project('data', ['data/**/*.test.ts']),
    ],
  },
})
