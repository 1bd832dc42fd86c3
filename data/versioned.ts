// Optimistic locking: a save carries the version it saw. A conflict keeps both.

export type Saved<T> =
  | { saved: true; version: number }
  | { saved: false; conflict: { version: number; theirs: T } | 'removed' }
