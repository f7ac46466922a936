import type { MetadataRoute } from 'next'

/** Installed on a phone or a desk it opens at the bench, without the frame of the browser. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Rest Cog',
    short_name: 'Rest Cog',
    description: 'Finds why a fan, blower, inducer or exhaust motor failed, and leads to the matching part.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#eef1ed',
    theme_color: '#0b5a53',
    icons: [
      { src: '/icons/192', sizes: '192x192', type: 'image/png' },
      { src: '/icons/512', sizes: '512x512', type: 'image/png' },
      { src: '/icons/512', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
    ],
  }
}
