// How a save ends, as plain data: saved, refused with reasons, or overtaken by somebody else's.

export interface Refusal {
  /** The field, as a dotted path, or '' for the whole. */
  path: string
  message: string
}
export type Outcome<T = unknown> =
  | {
      saved: true
      id: string
      version: number
      /** The product that is sold of it, where there is one. */
      product?: string | undefined
    }
  | {
      saved: false
      problems: Refusal[]
      /** Nobody knows whether it was kept: the database was away when it should have said so. */
      unsure?: true
    }
  | { saved: false; conflict: { version: number; theirs: T } }

export const refused = (message: string, path = ''): { saved: false; problems: Refusal[] } => ({
  saved: false,
  problems: [{ path, message }],
})

export const signedOut =
  'You are signed out here: sign in again, in another window if you like, and then send it again. Nothing you typed is lost.'
