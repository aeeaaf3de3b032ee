import { useCaseNews } from './useCaseNews'

/** Who else has the case open. */
export function OthersPresent({ id }: { id: string }) {
  const others = useCaseNews(id)
  return (
    <span role="status" data-testid="others" className="text-soft truncate text-[0.8125rem] empty:hidden">
      {others.length > 0 && `Also open: ${others.join(', ')}`}
    </span>
  )
}
