import { useSearchParams } from 'react-router'

/** One word of a page's state, kept in its address: a link, the way back and a reload show the same. Empty is left out. */
export function useAddress(key: string): [string, (next: string) => void] {
  const [search, setSearch] = useSearchParams()
  return [
    search.get(key) ?? '',
    (next) =>
      setSearch(
        (before) => {
          if (next === '') before.delete(key)
          else before.set(key, next)
          return before
        },
        { replace: true },
      ),
  ]
}
