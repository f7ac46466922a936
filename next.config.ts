import type { NextConfig } from 'next'

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  images: { unoptimized: true },
  // The largest body is a photo; what is longer is cut off here and refused by its route.
  experimental: { proxyClientMaxBodySize: '32mb' },
  // `npm test` checks the types on their own; a build at first start need not do it again.
  typescript: { ignoreBuildErrors: true },
  // Native modules stay outside the bundle; they are prebuilt in node_modules.
  serverExternalPackages: ['libsql', 'sharp'],
  // A person may run the demo and their own household side by side from one checkout.
  distDir: process.env.RESTCOG_DIST ?? '.next',
}

export default config
