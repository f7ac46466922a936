import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import type { FamilyId } from '@/core/knowledge/vocabulary'
import { FamilySection } from '@/ui/pieces/FamilySection'

const INK: Record<string, string> = {
  '--ink': '#16201C',
  '--soft': '#6C7872',
  '--copper': '#B3541E',
  '--surface': '#FBFCFA',
}

/** A drawn picture of a machine: its section on paper, framed by the wall it hangs on. */
export function machinePicture(family: FamilyId, tone: number): Buffer {
  const drawing = renderToStaticMarkup(createElement(FamilySection, { family }))
    .replace(/var\((--\w+)\)/g, (_, name: string) => INK[name] ?? '#16201C')
    .replace('<svg', '<svg x="70" y="45" width="500" height="375"')
  const boards = Array.from(
    { length: 9 },
    (_, i) => `<path d="M0 ${30 + i * 54 + ((i * tone) % 7)}H640" stroke="#D5DCD6" stroke-width="2"/>`,
  ).join('')
  return Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="640" height="480" viewBox="0 0 640 480"><rect width="640" height="480" fill="#E9EEE9"/>${boards}<rect x="40" y="24" width="560" height="420" fill="#FBFCFA" opacity=".85"/>${drawing}</svg>`,
  )
}
