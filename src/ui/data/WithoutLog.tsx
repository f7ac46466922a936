'use client'

import { useRouter } from 'next/navigation'
import { asked } from './asked'
import { Told } from './Told'
import { useAsked } from './useAsked'

/** The data file was copied from under a running program, without its log: told until somebody has seen it. */
export function WithoutLog({ found }: { found: string }) {
  const router = useRouter()
  const { busy, error, run } = useAsked()
  return (
    <div className="mt-3 max-w-[72ch] border-stop border-l-4 pl-2" role="alert">
      <p>
        {`The data file was copied while Rest Cog ran, without its log (rest-cog.db-wal): what was written last before the copy may be missing. Found ${found}. Compare it with the folder that it came from, or restore a backup; copy a folder whole, or while Rest Cog is not running.`}
      </p>
      <button
        type="button"
        className="btn mt-2"
        disabled={busy}
        onClick={() =>
          run(async () => {
            await asked('/api/check', 'DELETE')
            router.refresh()
            return ''
          })
        }
      >
        I have seen it
      </button>
      <Told error={error} />
    </div>
  )
}
