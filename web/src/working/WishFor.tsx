import type { WorkingView } from '../api/client'
import { useOpenCase } from '../casefile/CaseContext'
import { useWishPanel } from '../casefile/wish/wishPanel'
import type { FigureName } from './figureWords'
import { formatQuantity } from './quantity'
import { useWorkingPanel } from './workingPanel'

/** What a figure that clients set limits to is wished to stay within. */
const WISHES: Partial<Record<FigureName, (written: string) => string>> = {
  HOUSING_COST: (result) => `at most ${result} a month`,
  PAYOFF_DATE: (day) => `paid off by ${day}`,
  TOTAL_INTEREST: (result) => `at most ${result} interest`,
}

/** Leads from a figure to what would bring another one about. */
export function WishFor({ working }: { working: WorkingView }) {
  const { locale } = useOpenCase()
  const openWish = useWishPanel((panel) => panel.open)
  const close = useWorkingPanel((panel) => panel.close)
  const wish = WISHES[working.figure]
  if (!wish) return null
  const text = formatQuantity(working.result, locale)
  return (
    <p className="mt-2">
      <button
        type="button"
        className="text-act font-semibold hover:underline"
        onClick={() => {
          close()
          openWish(wish(text))
        }}
      >
        Wish for another
      </button>
    </p>
  )
}
