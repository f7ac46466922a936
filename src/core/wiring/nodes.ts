/** Points joined by wires become one node. */
export class Nodes {
  private readonly above = new Map<string, string>()

  of(point: string): string {
    const above = this.above.get(point)
    if (above === undefined || above === point) return point
    const top = this.of(above)
    this.above.set(point, top)
    return top
  }

  join(one: string, two: string): void {
    const [a, b] = [this.of(one), this.of(two)]
    if (a !== b) this.above.set(a, b)
  }

  same(one: string, two: string): boolean {
    return this.of(one) === this.of(two)
  }
}
