import { useEffect, useState } from 'react'
import type { NoticeReading } from '@/core/words/notice'
import { whenReached } from '../kit/whenReached'

export const loadReader = () =>
  whenReached(() => import('@/core/words/notice').then((words) => words.readNotice))

/** The reader comes with the first letter; until then nothing is understood yet. */
export function useNoticed(text: string): NoticeReading | null {
  const [read, setRead] = useState<typeof import('@/core/words/notice').readNotice | null>(null)
  const typed = text.trim() !== ''
  useEffect(() => {
    if (typed) void loadReader().then((reader) => setRead(() => reader))
  }, [typed])
  return read ? read({ text }) : null
}
