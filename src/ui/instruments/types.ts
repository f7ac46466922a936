import type { Address } from './useAddress'

export interface OpenJob {
  id: string
  title: string
}

export interface InstrumentProps {
  address: Address
  jobs: OpenJob[]
}
