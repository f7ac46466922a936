'use client'

import { useEffect, useState } from 'react'

interface DoorFormProps {
  mode: 'open' | 'set'
  /** The code of this start, where it came with the address. */
  code: string
  to: string
}

/** One field. With the code of this start in the address an existing passphrase need not be typed. */
export function DoorForm({ mode, code, to }: DoorFormProps) {
  const [word, setWord] = useState('')
  const [error, setError] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const scanned = mode === 'open' && code !== ''
  const open = async (body: object) => {
    setBusy(true)
    setError(null)
    try {
      const response = await fetch('/api/door', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      })
      if (response.ok) {
        window.location.replace(to)
        return
      }
      const { error: told } = (await response.json()) as { error?: { message: string } }
      setError(told?.message ?? 'The door did not answer. Try again.')
    } catch {
      setError('The machine cannot be reached. Look whether it is still on, and on the same network.')
    }
    setBusy(false)
  }
  useEffect(() => {
    // The code leaves the address bar and the history as soon as it was read.
    if (code) window.history.replaceState(null, '', '/door')
  }, [code])
  if (mode === 'set' && !code)
    return (
      <p className="mt-5 border-stop border-l-4 pl-3" role="alert">
        No passphrase is set yet. Open the address with the code that the console shows, at the machine or by
        scanning it, and set one there.
      </p>
    )
  return (
    <form
      className="mt-5 grid max-w-sm gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void open(mode === 'set' ? { code, fresh: word } : scanned && !word ? { code } : { word })
      }}
    >
      {scanned ? (
        <button type="submit" className="btn btn-main" disabled={busy}>
          {busy ? 'Opening …' : 'Open with the scanned code'}
        </button>
      ) : (
        <>
          <label htmlFor="passphrase" className="font-semibold">
            {mode === 'set' ? 'New passphrase' : 'Passphrase'}
          </label>
          <input
            id="passphrase"
            className="field"
            type="password"
            autoComplete={mode === 'set' ? 'new-password' : 'current-password'}
            aria-describedby={error ? 'door-error' : undefined}
            value={word}
            onChange={(event) => setWord(event.target.value)}
          />
          <button type="submit" className="btn btn-main" disabled={busy || word === ''}>
            {busy ? 'One moment …' : mode === 'set' ? 'Set it and go in' : 'Go in'}
          </button>
        </>
      )}
      {error ? (
        <p id="door-error" role="alert" className="text-stop">
          {error}
        </p>
      ) : null}
    </form>
  )
}
