/**
 * What a page of ours may load and run: scripts with this answer's nonce and what they load themselves, workers and
 * WebAssembly from our own origin, pictures also from memory. Styles stand in the markup as positions of drawings.
 */
export const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "media-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

/** Headers of every answer. */
export const guardHeaders: Record<string, string> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  // Nothing comes from elsewhere, so the page may be isolated: the reader of pictures gets its threads by it.
  'cross-origin-embedder-policy': 'require-corp',
  'permissions-policy': 'geolocation=(), payment=(), usb=(), microphone=(self), camera=(self)',
}
