import Link from 'next/link'

export default function NotFound() {
  return (
    <main id="work" className="mx-auto max-w-2xl px-5 py-16">
      <h1 className="text-2xl">Nothing lives at this address</h1>
      <p className="mt-3">Check the address, or start from the bench.</p>
      <Link href="/" className="btn btn-main mt-6">
        Go to the bench
      </Link>
    </main>
  )
}
