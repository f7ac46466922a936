import Link from 'next/link'

export default function NoSuchJob() {
  return (
    <main id="work" className="mx-auto max-w-2xl px-5 py-16">
      <h1 className="text-2xl">There is no such job</h1>
      <p className="mt-3">
        Its address may be mistyped, or the job was deleted. Everything that lies on the bench is listed
        there.
      </p>
      <Link href="/" className="btn btn-main mt-6">
        Go to the bench
      </Link>
    </main>
  )
}
