/** One sound at a time, of samples that were made here. */
export class Player {
  private context: AudioContext | null = null
  private source: AudioBufferSourceNode | null = null

  /**
   * @param make the samples, for the rate of this device
   * @param onEnd when it has been heard to its end; not where another one began
   */
  play(make: (rate: number) => Float32Array, onEnd: () => void = () => undefined): void {
    this.stop()
    this.context ??= new AudioContext()
    const audio = this.context
    const samples = make(audio.sampleRate)
    const buffer = audio.createBuffer(1, samples.length, audio.sampleRate)
    buffer.copyToChannel(new Float32Array(samples), 0)
    const node = audio.createBufferSource()
    node.buffer = buffer
    node.connect(audio.destination)
    node.onended = () => {
      if (this.source === node) onEnd()
    }
    node.start()
    this.source = node
  }

  stop(): void {
    this.source?.stop()
    this.source = null
  }

  close(): void {
    this.stop()
    void this.context?.close()
    this.context = null
  }
}
