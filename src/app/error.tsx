'use client'

export default function Failure({ reset }: { reset: () => void }) {
  return (
    <main id="work" className="mx-auto max-w-2xl px-5 py-16">
      <h1 className="text-2xl">This page could not be shown</h1>
      <p className="mt-3">
        What was typed is kept. Try again; if it stays, start the application anew and look whether the data
        folder can be written.
      </p>
      <button type="button" className="btn btn-main mt-6" onClick={reset}>
        Try again
      </button>
    </main>
  )
}
