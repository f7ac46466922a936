import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/spline-sans-mono'
import './globals.css'
import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import { readHousehold } from '@/server/household'
import { Shell } from '@/ui/shell/Shell'

export const metadata: Metadata = {
  title: { default: 'Rest Cog', template: '%s · Rest Cog' },
  description: 'Finds why a fan, blower, inducer or exhaust motor failed, and leads to the matching part.',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1 }
export const dynamic = 'force-dynamic'

export default async function RootLayout({ children }: { children: ReactNode }) {
  const household = await readHousehold()
  return (
    <html lang="en" data-theme={household.theme}>
      <body>
        <Shell householdName={household.name} singleKeys={household.singleKeys === 1}>
          {children}
        </Shell>
      </body>
    </html>
  )
}
