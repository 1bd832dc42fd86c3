'use client'

export default function Failed({ reset }: { reset: () => void }) {
  return (
    <html lang="en-GB">
      <body
        style={{
          fontFamily: 'sans-serif',
          background: '#f7f4ec',
          color: '#1c2431',
          textAlign: 'center',
          paddingTop: '20vh',
        }}
      >
        <h1>Fair Tin does not answer just now.</h1>
        <p>
          Most likely the database is away. Nothing that was saved is lost. Start “npm run demo” again if it stopped.
        </p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </body>
    </html>
  )
}
