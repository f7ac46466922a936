'use client'

/** Even the frame of the application failed: where to go is still said. */
export default function FrameFailure({ reset }: { reset: () => void }) {
  return (
    <html lang="en" data-theme="light">
      <body>
        <main
          id="work"
          style={{ maxWidth: '40rem', margin: '4rem auto', padding: '0 1.25rem', fontFamily: 'sans-serif' }}
        >
          <h1>Rest Cog could not be shown</h1>
          <p>What was typed is kept in this browser and in the data folder. Try again, or go to the bench.</p>
          <p>
            <button type="button" onClick={reset}>
              Try again
            </button>{' '}
            <a href="/">Go to the bench</a>
          </p>
        </main>
      </body>
    </html>
  )
}
