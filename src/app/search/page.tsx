import { find } from '@/server/find'
import { SearchPage } from '@/ui/search/SearchPage'

export const metadata = { title: 'Search' }

interface Props {
  searchParams: Promise<{ q?: string }>
}

/** Everything of the household and of the application by words. */
export default async function Page({ searchParams }: Props) {
  const { q = '' } = await searchParams
  const query = q.slice(0, 200)
  return <SearchPage query={query} found={query.trim() === '' ? null : await find(query)} />
}
