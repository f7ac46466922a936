import { stopNow } from '@/core/knowledge/stopNow'
import { stopInfo } from '@/core/knowledge/stops'
import { type StopRuleId, vocabulary } from '@/core/knowledge/vocabulary'

/** What to do this minute about a danger, and whom to call: before any question, on any page. */
export function StopAdvice({
  rule,
  text = stopInfo[rule].text,
  call = stopInfo[rule].call,
  head: Head = 'h2',
}: {
  rule: StopRuleId
  text?: string
  call?: string
  head?: 'h2' | 'h3'
}) {
  return (
    <>
      <p className="font-bold text-stop text-xl tracking-wide">STOP</p>
      <Head className="max-w-[34ch] text-2xl leading-tight mid:text-[1.9rem]">
        {vocabulary.stopRules[rule].label}
      </Head>
      <p className="mt-2 max-w-[65ch] text-lg">{text}</p>
      <p className="mt-3 font-bold">Now</p>
      <ol className="max-w-[65ch] list-decimal pl-6 text-lg">
        {stopNow[rule].map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <p className="mt-3 font-bold">Call</p>
      <p className="max-w-[65ch] text-lg">{call}</p>
    </>
  )
}
