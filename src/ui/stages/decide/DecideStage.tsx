'use client'

import Link from 'next/link'
import { reasonedSuspect, worthMaking } from '@/core/diagnose'
import { stopGaps } from '@/core/knowledge/stopGaps'
import { shortLabels } from '@/core/knowledge/valueLabels'
import { type CauseId, causeInfo } from '@/core/knowledge/vocabulary'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { ActionBlock } from './ActionBlock'
import { Disagree } from './Disagree'
import { Options } from './Options'
import { Reasons } from './Reasons'
import { Verdict } from './Verdict'

/** Stage 4: the verdict in a sentence, why, what can be done and what each way costs; agreed or not. */
export function DecideStage() {
  const { snapshot, diagnosis, act, id } = useJob()
  const lead = diagnosis.decided
    ? diagnosis.suspects.find((suspect) => suspect.cause === diagnosis.decided!.cause)!
    : diagnosis.suspects[0]!
  const next = diagnosis.nextTests.find(worthMaking)
  const { action } = causeInfo(lead.cause)
  const decide = (agreed: boolean, cause: CauseId, reason: string) =>
    act({
      kind: 'decision.set',
      id: id(),
      agreed,
      cause,
      action: causeInfo(cause).action,
      option: '',
      reason,
      probability: diagnosis.suspects.find((suspect) => suspect.cause === cause)?.probability ?? 0,
    })
  return (
    <>
      <Verdict lead={lead} onAgree={() => decide(true, lead.cause, '')} />
      <Section part="why" title="Why">
        <Reasons suspect={reasonedSuspect(diagnosis, lead)} />
        {next ? (
          <p className="mt-2 max-w-[70ch] text-sm">
            What would change it most:{' '}
            <Link className="text-teal underline" href={`/jobs/${snapshot.job.id}/measure`}>
              {shortLabels[next.observation].toLowerCase()}
            </Link>
            , {next.minutes} min.
          </p>
        ) : null}
        <Disagree suspects={diagnosis.suspects} onDecide={(cause, reason) => decide(false, cause, reason)} />
      </Section>
      <Block name="The options">
        <Options />
      </Block>
      <Block name="What to do">
        <ActionBlock action={action} />
      </Block>
      <Section title="Meanwhile">
        <ul className="max-w-[70ch] list-disc pl-5">
          {stopGaps[snapshot.machine.family].map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      </Section>
    </>
  )
}
