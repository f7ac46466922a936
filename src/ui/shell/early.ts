/**
 * Runs in the page before anything of ours has arrived: what is pressed or typed meanwhile waits, and is done in its order as
 * soon as the page answers. Links and fields of the browser's own need no help. It must stand alone: its text is what is sent.
 */
function keepEarly(): void {
  // A press that waits longer than this is no longer what the person means.
  const HELD_MS = 15_000
  const MOST_TRIES = 100
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
  /** What a field is called: the page may draw a part of itself anew, and the field that was typed into is then another. */
  const called = new WeakMap<Field, string>()
  const nameOf = (field: Field): string =>
    [
      field.tagName,
      field.type,
      field.getAttribute('placeholder') ?? '',
      field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? '',
    ].join('/')
  /** The field that stands where this one stood; null where none does, or more than one is called so. */
  const inItsPlace = (field: Field): Field | null => {
    const name = called.get(field)
    const alike = [...document.querySelectorAll('input, textarea, select')].filter(
      (other): other is Field => isField(other) && nameOf(other) === name,
    )
    return alike.length === 1 ? (alike[0] ?? null) : null
  }

  const onType = (event: Event) => {
    const on = event.target
    if (isField(on)) {
      called.set(on, nameOf(on))
      const last = held.at(-1)
      // What was typed is kept by itself: the page may fill the field anew before it listens.
      if (last?.what === 'type' && last.on === on) last.value = on.value
      else held.push({ what: 'type', on, at: Date.now(), value: on.value })
    }
  }

  type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement
  const isField = (element: EventTarget | null): element is Field =>
    // What is ticked waits as a press, and a chosen file cannot be said again.
    (element instanceof HTMLInputElement && !['checkbox', 'radio', 'file'].includes(element.type)) ||
    element instanceof HTMLTextAreaElement ||
    element instanceof HTMLSelectElement

  /**
   * A part of the page that nobody has touched yet may sleep: a key that is no key wakes it. Without it the page would take over
   * what stands in a field as its own, and hear no change. The page lets the key through only where it listens.
   */
  const wake = (element: HTMLElement): boolean => {
    let heard = false
    const hear = () => {
      heard = true
    }
    element.addEventListener('keyup', hear, true)
    element.dispatchEvent(new KeyboardEvent('keyup', { bubbles: true }))
    element.removeEventListener('keyup', hear, true)
    return heard
  }

  const pressAgain = (button: HTMLElement) => {
    if (button.isConnected && !wake(button)) setTimeout(() => pressAgain(button), 50)
    else button.click()
  }

  const awake = new WeakSet<Field>()
  const typed = new Map<Field, string>()

  /** What was typed is said once more, as if the last letter came now, as soon as its part of the page listens. */
  const sayAgain = (field: Field, tries = 0) => {
    if (field.isConnected && !wake(field)) {
      setTimeout(() => sayAgain(field), 50)
      return
    }
    const value = typed.get(field) ?? field.value
    typed.delete(field)
    if (!field.isConnected) {
      const other = inItsPlace(field)
      // What is drawn anew is not there at once.
      if (!other && tries < MOST_TRIES) {
        typed.set(field, value)
        setTimeout(() => sayAgain(field, tries + 1), 50)
      }
      if (!other || typed.has(other)) return
      called.set(other, nameOf(other))
      typed.set(other, value)
      sayAgain(other)
      return
    }
    awake.add(field)
    const kind = Object.getPrototypeOf(field)
    // The page compares with what it set itself: emptied through its own hand, filled again past it.
    if (!(field instanceof HTMLSelectElement)) field.value = ''
    Object.getOwnPropertyDescriptor(kind, 'value')?.set?.call(field, value)
    field.dispatchEvent(new Event(field instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }))
    if (document.activeElement !== field) field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }))
  }

  /** The page wakes part by part: a field that is entered is woken before the words come. */
  const onEnter = ({ target }: Event) => {
    if (!isField(target) || awake.has(target) || typed.has(target)) return
    called.set(target, nameOf(target))
    if (!wake(target)) return
    // Waking may draw its part anew: who entered the field is in the one that stands in its place.
    if (target.isConnected) awake.add(target)
    else inItsPlace(target)?.focus()
  }
  /**
   * Words that came before their field listened: dictated or filled in, they are no key. What is chosen from a list needs no help:
   * its change wakes the page and is heard as it is.
   */
  const onLate = ({ target }: Event) => {
    if (!isField(target) || target instanceof HTMLSelectElement || awake.has(target)) return
    const waits = typed.has(target)
    called.set(target, nameOf(target))
    typed.set(target, target.value)
    if (!waits) sayAgain(target)
  }

  const answer = () => {
    for (const [type, listener] of listeners) document.removeEventListener(type, listener, true)
    const now = Date.now()
    for (const { what, on, at, value } of held) {
      on.removeAttribute('data-waits')
      if (what === 'type' && isField(on)) {
        typed.set(on, value)
        sayAgain(on)
      } else if (on.isConnected && now - at < HELD_MS) pressAgain(on)
    }
    for (const type of ['focusin', 'keydown']) document.addEventListener(type, onEnter, true)
    document.addEventListener('input', onLate, true)
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
