import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/spline-sans-mono'
import './globals.css'
import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import { openedHousehold } from '@/server/household'
import { earlyScript } from '@/ui/shell/early'
import { Shell } from '@/ui/shell/Shell'

export const metadata: Metadata = {
  title: { default: 'Rest Cog', template: '%s · Rest Cog' },
  description: 'Finds why a fan, blower, inducer or exhaust motor failed, and leads to the matching part.',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1 }
export const dynamic = 'force-dynamic'

export default async function RootLayout({ children }: { children: ReactNode }) {
  const asked = await headers()
  const door = asked.get('x-rest-cog-door') === '1'
  const opened = await openedHousehold()
  if ('error' in opened) return <NoFile message={opened.error} />
  const { household } = opened
  return (
    <html lang="en" data-theme={household.theme}>
      <body>
        {door ? null : (
          <script
            nonce={asked.get('x-nonce') ?? undefined}
            // biome-ignore lint/security/noDangerouslySetInnerHtml: our own text, fixed when the application is built
            dangerouslySetInnerHTML={{ __html: earlyScript }}
          />
        )}
        {door ? (
          children
        ) : (
          <Shell householdName={household.name} singleKeys={household.singleKeys === 1}>
            {children}
          </Shell>
        )}
      </body>
    </html>
  )
}

function NoFile({ message }: { message: string }) {
  return (
    <html lang="en" data-theme="light">
      <body>
        <main id="work" className="mx-auto max-w-2xl px-5 py-16">
          <h1 className="text-2xl">The data folder cannot be opened</h1>
          <p className="mt-3" role="alert">
            {message}
          </p>
          <p className="mt-3">Nothing was changed in it. Load this page again when it is put right.</p>
        </main>
      </body>
    </html>
  )
}
