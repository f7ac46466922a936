import type { ReactNode } from 'react'
import { PrintButton } from './PrintButton'

interface PaperProps {
  /** The stage of the job that it was opened from. */
  back: string
  /** A card is narrower than a page. */
  narrow?: boolean
  /** What else can be taken along, as links. */
  files?: ReactNode
  children: ReactNode
}

/** One sheet: on the screen with a way to print it and back, on paper without either. */
export function Paper({ back, narrow = false, files, children }: PaperProps) {
  return (
    <main
      id="work"
      className={`mx-auto ${narrow ? 'max-w-[720px]' : 'max-w-[820px]'} bg-surface px-6 py-8 mid:my-6 mid:border mid:border-line print:my-0 print:border-0 print:p-0`}
    >
      <div className="no-print mb-6 flex flex-wrap gap-2">
        <PrintButton />
        <a className="btn" href={back}>
          Back to the job
        </a>
        {files}
      </div>
      {children}
    </main>
  )
}
