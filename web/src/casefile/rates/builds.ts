import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import type { LadderBuild } from '../../api/answers'
import { USUAL_BUILD } from './ladder'

type Builds = Record<LadderBuild['from'], LadderBuild>

type BuildsStore = {
  /** By the id of the case. */
  chosen: Readonly<Record<string, Builds>>
  choose: (caseId: string, build: LadderBuild) => void
}

/** How rates were laid out for each case, kept in this browser. */
const useStore = create<BuildsStore>()(
  persist(
    (set) => ({
      chosen: {},
      choose: (caseId, build) =>
        set(({ chosen }) => ({
          chosen: { ...chosen, [caseId]: { ...(chosen[caseId] ?? USUAL_BUILD), [build.from]: build } },
        })),
    }),
    { name: 'impendium.rates' },
  ),
)

/** How the rates of a case are laid out, and the way to choose it otherwise. */
export function useBuilds(caseId: string) {
  const builds = useStore(({ chosen }) => chosen[caseId] ?? USUAL_BUILD)
  const choose = useStore((store) => store.choose)
  return { builds, setBuild: (build: LadderBuild) => choose(caseId, build) }
}
