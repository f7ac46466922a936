'use client'

import Link from 'next/link'
import type { SaidRound } from '@/wording/practiceRound'

/** What was done so far, the last first, with what each act told where that may be shown. */
export function Done({ round, bits }: { round: SaidRound; bits: boolean }) {
  const list = [...round.acts].reverse()
  return (
    <section aria-label="What you did" className="mt-4 border-ink border-t pt-3" data-testid="done">
      <h2 className="text-[1.05rem]">What you did</h2>
      {list.length === 0 ? <p className="caption">Nothing yet.</p> : null}
      <ol reversed className="print:flex print:flex-col-reverse">
        {list.map((act, i) => (
          <li key={round.acts.length - i} className="border-line border-b py-1.5">
            <span className="flex justify-between gap-3">
              <span className={act.ok ? '' : 'text-soft'}>{act.text}</span>
              {bits && act.ok ? (
                <span className="num shrink-0">{act.bits > 0.005 ? `${act.bits.toFixed(1)} bits` : '–'}</span>
              ) : null}
            </span>
            {act.against ? <span className="block text-stop">{act.against}</span> : null}
          </li>
        ))}
      </ol>
    </section>
  )
}

/** How the round ended, said plainly once, and the walk of the advisor beside it. */
export function Ending({
  round,
  lesson,
}: {
  round: SaidRound
  lesson: { title: string; idea: string } | null
}) {
  const { over, dangers } = round.view
  const hurt = over !== null && 'hurt' in over
  const last = round.acts.at(-1)
  if (!over && !round.lessonDone) return null
  const { review } = round
  return (
    <section
      aria-label="How it ended"
      className={`mb-4 border-2 p-3 ${hurt ? 'border-stop' : 'border-ink'}`}
      data-testid="ending"
    >
      <h2 className="text-[1.1rem]">
        {hurt
          ? 'The round ends here'
          : round.lessonDone
            ? 'Done'
            : review?.right
              ? 'That is it'
              : round.level === 'wire'
                ? 'Not wired yet'
                : 'That is not it'}
      </h2>
      {hurt || review ? <p className={`mt-1 ${hurt ? 'font-bold text-stop' : ''}`}>{last?.text}</p> : null}
      {lesson && round.lessonDone ? <p className="mt-1">{lesson.idea}</p> : null}
      {dangers > 0 && !hurt ? (
        <p className="mt-1 text-stop">
          {dangers === 1 ? 'One act' : `${dangers} acts`} went against the procedure. They stand in the list,
          each with what it asks there.
        </p>
      ) : null}
      {review ? <Review review={review} /> : null}
      <p className="no-print mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => window.print()}>
          Print as a worked example
        </button>
        <Link href="/practice" className="btn btn-main">
          To the practice bench
        </Link>
      </p>
    </section>
  )
}

function Review({ review }: { review: NonNullable<SaidRound['review']> }) {
  return (
    <div className="mt-2">
      <table className="w-full max-w-[520px]">
        <caption className="sr-only">Your walk beside the advisor’s on the same machine</caption>
        <thead>
          <tr className="border-line border-b text-left">
            <th scope="col">On the same machine</th>
            <th scope="col" className="text-right">
              You
            </th>
            <th scope="col" className="text-right">
              The advisor
            </th>
          </tr>
        </thead>
        <tbody className="num">
          <tr className="border-line border-b">
            <th scope="row" className="text-left font-normal font-sans">
              Acts that told something
            </th>
            <td className="text-right">{review.tests}</td>
            <td className="text-right">{review.bestTests}</td>
          </tr>
          <tr className="border-line border-b">
            <th scope="row" className="text-left font-normal font-sans">
              Minutes
            </th>
            <td className="text-right">{Math.round(review.minutes)}</td>
            <td className="text-right">{Math.round(review.bestMinutes)}</td>
          </tr>
        </tbody>
      </table>
      {review.open.length > 0 ? (
        <p className="mt-2">
          Nothing had ruled out by then:{' '}
          {review.open
            .map(({ name, probability }) => `${name} (${Math.round(probability * 100)} %)`)
            .join('; ')}
          .
        </p>
      ) : null}
      {review.oddsBits !== null ? (
        <p className="mt-2">
          Your odds gave what it was{' '}
          {review.oddsBits === 0 ? 'all' : `one in ${Math.max(1, Math.round(2 ** -review.oddsBits))}`}:{' '}
          <span className="num">{review.oddsBits.toFixed(1)}</span> on a scale where 0 is the best.
        </p>
      ) : null}
      {review.best.length > 0 ? (
        <details className="mt-2">
          <summary className="flex min-h-11 cursor-pointer items-center font-bold">
            The advisor’s walk, {review.best.length} acts
          </summary>
          <ol className="list-decimal pl-6 text-[0.93rem]">
            {review.best.map((text, i) => (
              <li key={i}>{text}</li>
            ))}
          </ol>
        </details>
      ) : null}
    </div>
  )
}
