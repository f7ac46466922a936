/** What a page may do here: a browser gives some things only to this machine's own address or behind a certificate. */
export interface Ability {
  can: () => boolean
  /** In one sentence, why not, and what serves instead. */
  without: string
}

/** The one table of what this page can do, asked where it is needed and never before. */
export const pageCan = {
  microphone: {
    can: () => typeof navigator !== 'undefined' && navigator.mediaDevices?.getUserMedia !== undefined,
    without:
      'A browser gives the microphone only to this machine’s own address or behind a certificate: record with the phone’s own recorder, and choose the file.',
  },
  notifications: {
    can: () => typeof Notification !== 'undefined' && globalThis.isSecureContext,
    without:
      'A browser gives notifications only to this machine’s own address or behind a certificate: a tone and the title of the tab tell when a wait is over.',
  },
  offline: {
    can: () => typeof navigator !== 'undefined' && 'serviceWorker' in navigator && globalThis.isSecureContext,
    without:
      'A browser keeps pages for the time without a connection only at this machine’s own address or behind a certificate: leave the page open, what is typed waits in it.',
  },
  localVoice: {
    can: () =>
      typeof speechSynthesis !== 'undefined' &&
      speechSynthesis.getVoices().some(({ localService }) => localService),
    without: 'This browser has no voice of its own, and one from elsewhere is not used.',
  },
} satisfies Record<string, Ability>
