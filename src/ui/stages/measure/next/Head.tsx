import type { ReactNode } from 'react'

/** The head of a card: what to do in a line, what it is about, and the act at its right. */
export function Head({ title, text, children }: { title: string; text: string; children?: ReactNode }) {
  return (
    <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
      <div className="min-w-0 flex-1 basis-64">
        <h2 className="text-[1.15rem] leading-snug">{title}</h2>
        {text ? <p className="mt-0.5 max-w-[72ch] leading-snug">{text}</p> : null}
      </div>
      <div className="flex flex-wrap gap-2">{children}</div>
    </div>
  )
}
