'use client'

import { useState } from 'react'

/** The texts of a form by their names. */
export function useFields<Name extends string>(start: Record<Name, string>) {
  const [fields, setFields] = useState(start)
  const set = (name: Name) => (value: string) => setFields((all) => ({ ...all, [name]: value }))
  return { fields, set, clear: () => setFields(start) }
}
