'use client'

export default function Failed({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <div className="m-auto max-w-md text-center">
      <h1 className="text-2xl">This page did not come.</h1>
      <p className="my-3 text-quiet">
        Something behind it failed, most likely the database. Nothing that was saved is lost, and what you typed
        elsewhere is still there.
        {error.digest && <> If it keeps happening, note this number: {error.digest}.</>}
      </p>
      <button type="button" className="do do-first" onClick={reset}>
        Try again
      </button>
    </div>
  )
}
