/**
 * Runs in the page before anything of ours has arrived: what is pressed or typed meanwhile waits, and is done in its order as
 * soon as the page answers. Links and fields of the browser's own need no help. It must stand alone: its text is what is sent.
 */
function keepEarly(): void {
  // A press that waits longer than this is no longer what the person means.
  const HELD_MS = 15_000
  const root = document.documentElement
  const held: { what: 'press' | 'type'; on: HTMLElement; at: number; value: string }[] = []

  const onPress = (event: Event) => {
    const button =
      event.target instanceof Element
        ? event.target.closest<HTMLElement>('button, input[type="checkbox"], input[type="radio"]')
        : null
    if (!button || button.closest('form[action]')) return
    event.preventDefault()
    event.stopPropagation()
    button.setAttribute('data-waits', '')
    held.push({ what: 'press', on: button, at: Date.now(), value: '' })
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
    ) {
      const last = held.at(-1)
      // What was typed is kept by itself: the page may fill the field anew before it listens.
      if (last?.what === 'type' && last.on === on) last.value = on.value
      else held.push({ what: 'type', on, at: Date.now(), value: on.value })
    }
  }

  /** What was typed is said once more, as if the last letter came now. */
  const sayAgain = (field: HTMLElement, value: string, left: boolean) => {
    if (
      !(field instanceof HTMLInputElement) &&
      !(field instanceof HTMLTextAreaElement) &&
      !(field instanceof HTMLSelectElement)
    )
      return
    // A part of the page that nobody has touched yet may not listen: a key that is no key wakes it. Without it the page would take
    // over what stands in the field as its own, and hear no change.
    field.dispatchEvent(new KeyboardEvent('keyup', { bubbles: true }))
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
    for (const { what, on, at, value } of held) {
      on.removeAttribute('data-waits')
      if (!on.isConnected) continue
      if (what === 'type') sayAgain(on, value, document.activeElement !== on)
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
