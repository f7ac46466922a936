'use client'

import Link from 'next/link'
import type { Term } from '@/core/knowledge/terms'
import { Drawer } from '../kit/Drawer'
import { TermText } from './TermText'

/** The words of the trade on this page, each with what it means. */
export function WordList({ terms, onClose }: { terms: Term[]; onClose: () => void }) {
  return (
    <Drawer title="Words on this page" side="right" onClose={onClose}>
      <dl>
        {terms.map((term) => (
          <div key={term.id} className="border-line border-b py-2">
            <dt className="font-bold">{term.name}</dt>
            <dd>
              <TermText term={term} />
            </dd>
          </div>
        ))}
      </dl>
      <Link
        prefetch={false}
        className="mt-2 inline-flex min-h-11 items-center text-teal underline"
        href="/words"
        onClick={onClose}
      >
        All words, to read or to print
      </Link>
    </Drawer>
  )
}
