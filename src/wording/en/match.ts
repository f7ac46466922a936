import type { Catalogue } from '../say'

/** What is said of a part beside the old one. */
export const match = {
  'class.less':
    'Its label says {fresh}, the old one says {old}. {level, select, 0 {A capacitor of this class has nothing of its own that parts it when it fails: it can burst and burn.} other {A capacitor of this class does not part its own wires when it fails.}} Take one of class {old}.',
  'class.ask':
    'The old one says {old}: it parts its own wires when it fails. Ask for that class; nothing is told of it here.',
} satisfies Catalogue
