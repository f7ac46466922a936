import { headers } from 'next/headers'
import Link from 'next/link'
import { notFound } from 'next/navigation'
import { renderSVG } from 'uqr'
import { machineTitle } from '@/core/job/title'
import { isAtTheMachine } from '@/server/door/hosts'
import { readMachine } from '@/server/machine'
import { PrintButton } from '@/ui/record/PrintButton'

export const metadata = { title: 'Label' }

interface Props {
  params: Promise<{ id: string }>
}

/** A label to stick to a machine: its name, its breaker, and a code that opens its page. */
export default async function LabelPage({ params }: Props) {
  const { id } = await params
  const found = await readMachine(id)
  if (!found) notFound()
  const asked = await headers()
  const host = asked.get('host') ?? ''
  const scheme = asked.get('x-forwarded-proto') === 'https' ? 'https' : 'http'
  const address = `${scheme}://${host}/machines/${id}`
  const { machine, circuit } = found
  const also = circuit?.also ?? []
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
      <p className="caption no-print">
        <Link href={`/machines/${id}`} className="text-teal underline">
          {machineTitle(machine)}
        </Link>
      </p>
      <h1 className="no-print text-2xl">Its label</h1>
      {isAtTheMachine(host) ? (
        <p className="no-print mt-2 max-w-[70ch] border-stop border-l-4 pl-3">
          This page was opened at an address that only this computer has, and the code carries it. For a code
          that a phone can open, start Rest Cog for the home network (npm run demo -- --lan) and print the
          label from the phone’s address.
        </p>
      ) : null}
      <div
        className="mt-4 flex w-[22rem] max-w-full gap-4 border-2 border-ink bg-surface p-3"
        data-testid="label"
      >
        <span
          className="block size-32 shrink-0"
          // biome-ignore lint/security/noDangerouslySetInnerHtml: made by the library from our own address
          dangerouslySetInnerHTML={{ __html: renderSVG(address, { border: 1 }) }}
        />
        <span className="min-w-0 [overflow-wrap:anywhere]">
          <b className="block text-lg leading-tight">{machineTitle(machine)}</b>
          <span className="block">{machine.place}</span>
          <span className="num block text-sm">{machine.modelNumber}</span>
          <span className="mt-1 block text-sm">
            {machine.circuit ? `Breaker ${machine.circuit}` : 'Breaker not noted'}
            {also.length > 0 ? `, also ${also.join(', ')}` : ''}
          </span>
        </span>
      </div>
      <p className="no-print mt-2 text-sm [overflow-wrap:anywhere]">{address}</p>
      <p className="no-print mt-3">
        <PrintButton />
      </p>
    </main>
  )
}
