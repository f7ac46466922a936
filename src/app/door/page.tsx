import { dataPath } from '@/server/dataPath'
import { ownPath } from '@/server/door/ownPath'
import { isStartCode } from '@/server/door/pairing'
import { hasPassphrase } from '@/server/door/passphrase'
import { DoorForm } from '@/ui/door/DoorForm'

export const metadata = { title: 'Door' }

interface Props {
  searchParams: Promise<{ code?: string; to?: string }>
}

/** The door on a home network: a passphrase, or the code that the console shows. */
export default async function DoorPage({ searchParams }: Props) {
  const { code, to } = await searchParams
  const set = hasPassphrase(dataPath())
  return (
    <main id="work" className="mx-auto max-w-xl px-5 py-12">
      <h1 className="text-2xl">{set ? 'Who is there?' : 'Set a passphrase'}</h1>
      <p className="mt-3">
        {set
          ? 'This household is served on the home network. Its passphrase opens it for half a day after each use.'
          : 'From now on this household opens on the home network with a passphrase only. Three or four words are easy to type with a thumb.'}
      </p>
      <DoorForm mode={set ? 'open' : 'set'} code={isStartCode(code) ? (code ?? '') : ''} to={ownPath(to)} />
      <p className="caption mt-6">
        What goes over the home network is not encrypted: anybody on it could read along. Use a network of
        your own, or start with --https and a certificate of your own.
      </p>
    </main>
  )
}
