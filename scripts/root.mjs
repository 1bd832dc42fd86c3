// Where this clone stands.
import path from 'node:path'

export const root = path.resolve(import.meta.dirname, '..')
