/**
 * Runs in the page before anything of ours has arrived: what is pressed or typed meanwhile waits, and is done in its order as
 * soon as the page answers. Links and fields of the browser's own need no help. It must stand alone: its text is what is sent.
 */
function keepEarly(): void {
  // A press that waits longer than this is no longer what the person means.
  const HELD_MS = 15_000
  const root = document.documentElement
  const held: { what: 'press' | 'type'; on: HTMLElement; at: number }[] = []

  const onPress = (event: Event) => {
    const button =
      event.target instanceof Element
        ? event.target.closest<HTMLElement>('button, input[type="checkbox"], input[type="radio"]')
        : null
    if (!button || button.closest('form[action]')) return
    event.preventDefault()
    event.stopPropagation()
    button.setAttribute('data-waits', '')
    held.push({ what: 'press', on: button, at: Date.now() })
  }
  const onSend = (event: Event) => {
    if (event.target instanceof Element && !event.target.matches('form[action]')) event.preventDefault()
  }
  const onType = (event: Event) => {
    const on = event.target
    if (
      on instanceof HTMLInputElement ||
      on instanceof HTMLTextAreaElement ||
      on instanceof HTMLSelectElement
    )
      if (held.at(-1)?.on !== on) held.push({ what: 'type', on, at: Date.now() })
  }

  /** The value as it stands is said once more, as if the last letter came now. */
  const sayAgain = (field: HTMLElement, left: boolean) => {
    if (
      !(field instanceof HTMLInputElement) &&
      !(field instanceof HTMLTextAreaElement) &&
      !(field instanceof HTMLSelectElement)
    )
      return
    const value = field.value
    const kind = Object.getPrototypeOf(field)
    // The page compares with what it set itself: emptied through its own hand, filled again past it.
    if (!(field instanceof HTMLSelectElement)) field.value = ''
    Object.getOwnPropertyDescriptor(kind, 'value')?.set?.call(field, value)
    field.dispatchEvent(new Event(field instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }))
    if (left) field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }))
  }

  const answer = () => {
    for (const [type, listener] of listeners) document.removeEventListener(type, listener, true)
    const now = Date.now()
    for (const { what, on, at } of held) {
      on.removeAttribute('data-waits')
      if (!on.isConnected) continue
      if (what === 'type') sayAgain(on, document.activeElement !== on)
      else if (now - at < HELD_MS) on.click()
    }
  }

  const listeners: [string, (event: Event) => void][] = [
    ['click', onPress],
    ['submit', onSend],
    ['input', onType],
    ['change', onType],
  ]
  for (const [type, listener] of listeners) document.addEventListener(type, listener, true)
  const watch = new MutationObserver(() => {
    if (!root.hasAttribute('data-ready')) return
    watch.disconnect()
    answer()
  })
  watch.observe(root, { attributes: true, attributeFilter: ['data-ready'] })
}

export const earlyScript = `(${keepEarly.toString()})()`
