import { lazy, Suspense, useState } from 'react'
import { useSession } from './session'

const load = () => import('./AdvisorMenu')
const AdvisorMenu = lazy(async () => ({ default: (await load()).AdvisorMenu }))

/** The advisor's name, which opens their menu. It is loaded from when someone is about to open it. */
export function AdvisorPlace({ showKeys }: { showKeys: () => void }) {
  const { name } = useSession()
  const [isWanted, setIsWanted] = useState(false)
  const button = (
    <button
      type="button"
      className="button-quiet shrink-0"
      aria-haspopup="menu"
      onPointerEnter={() => void load()}
      onFocus={() => void load()}
      onClick={() => setIsWanted(true)}
    >
      {name}
    </button>
  )
  if (!isWanted) return button
  return (
    <Suspense fallback={button}>
      <AdvisorMenu showKeys={showKeys} />
    </Suspense>
  )
}
