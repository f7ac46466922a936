import type { NextConfig } from 'next'

// Ours alone ask for them, so that nothing more than this has to be said of each.
const isolated = [{ key: 'cross-origin-embedder-policy', value: 'require-corp' }]

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  images: { unoptimized: true },
  // Workers of an isolated page must be isolated themselves; these files do not pass through the door.
  headers: async () => [
    { source: '/_next/static/:path*', headers: isolated },
    {
      source: '/ocr/:path*',
      headers: [...isolated, { key: 'cache-control', value: 'public, max-age=86400' }],
    },
  ],
  // The largest body is a photo; what is longer is cut off here and refused by its route.
  experimental: { proxyClientMaxBodySize: '32mb' },
  // `npm test` checks the types on their own; a build at first start need not do it again.
  typescript: { ignoreBuildErrors: true },
  // Native modules stay outside the bundle; they are prebuilt in node_modules.
  serverExternalPackages: ['libsql', 'pdfmake', 'sharp'],
  // A person may run the demo and their own household side by side from one checkout.
  distDir: process.env.RESTCOG_DIST ?? '.next',
}

export default config
