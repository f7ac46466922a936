import { Glossary } from '@/ui/terms/Glossary'

export const metadata = { title: 'Words' }

export default function WordsPage() {
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
      <h1 className="text-2xl">Words</h1>
      <p className="mb-4 max-w-[70ch]">
        Every word of the trade that is used here, in one sentence. On a page a dotted line stands under such
        a word: tap it.
      </p>
      <Glossary />
    </main>
  )
}
