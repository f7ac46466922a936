/** Debian's Chromium without a window, or the one named by CHROMIUM_PATH; it never speaks to anybody but the page under test. */
export const chromium = {
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // A home network’s plain address, as a phone sees it: a made-up name that leads to this machine.
    '--host-resolver-rules=MAP rest-cog.home.arpa 127.0.0.1',
  ],
}
