import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { isCoreError } from '@/core/errors'
import { readRound } from '@/server/practice'
import { Round } from '@/ui/practice/Round'
import { lessonWords } from '@/wording/en/lessons'

export const metadata: Metadata = { title: 'Practice round' }

export default async function PracticeRoundPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const opened = await readRound(id).catch((error: unknown) => {
    if (isCoreError(error) && error.code === 'unknown-round') return null
    throw error
  })
  if (!opened) notFound()
  const { round, acts } = opened
  const words = round.lesson ? lessonWords[round.lesson] : undefined
  return (
    <Round
      key={id}
      id={id}
      code={round.code}
      help={round.help === 1}
      lesson={round.lesson && words ? { id: round.lesson, ...words } : null}
      stored={acts}
    />
  )
}
