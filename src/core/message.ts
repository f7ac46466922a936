/** What is to be said, by its key and what is put into it. It becomes a sentence at the edges alone (`src/wording`). */
export interface Message<Key extends string = string> {
  key: Key
  params?: Readonly<Record<string, MessageParam>>
}

/** A number, a word that is no sentence (a terminal, an id as printed), or another message. */
export type MessageParam = string | number | Message
