type Listener = (text: string) => void

let listener: Listener | null = null
const early: string[] = []

/** Say something in passing. The notice part of the page is loaded when the first one comes. */
export function notify(text: string): void {
  if (listener) listener(text)
  else early.push(text)
}

export function onNotice(next: Listener): () => void {
  listener = next
  for (const text of early.splice(0)) next(text)
  return () => {
    listener = null
  }
}
