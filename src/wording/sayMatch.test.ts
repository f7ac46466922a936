import { describe, expect, it } from 'vitest'
import { classSentence } from './sayMatch'

describe('a capacitor that fails less safely than the old one', () => {
  it('is told with both classes and what the lower one means', () => {
    expect(classSentence('less', '4 µF P2', '4 µF P0')).toBe(
      'Its label says P0, the old one says P2. A capacitor of this class has nothing of its own that parts it when it fails: it can burst and burn. Take one of class P2.',
    )
    expect(classSentence('less', '4 µF P2', '4 µF P1')).toBe(
      'Its label says P1, the old one says P2. A capacitor of this class does not part its own wires when it fails. Take one of class P2.',
    )
  })
  it('or is asked for, where nothing is told of it', () => {
    expect(classSentence('ask', '45+5 µF 10000 AFC', '45+5 µF')).toMatch(
      /^The old one says 10,000 AFC: it parts/,
    )
  })
})
