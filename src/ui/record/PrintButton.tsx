'use client'

export function PrintButton() {
  return (
    <button type="button" className="btn btn-main" onClick={() => window.print()}>
      Print
    </button>
  )
}
