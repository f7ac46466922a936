/** A candidate as the sheet names it. */
export interface SheetPart {
  id: string
  name: string
  maker: string
  price: number | null
}
