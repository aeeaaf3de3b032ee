import type { OptionDocument } from '../../api/client'
import { useOpenCase } from '../CaseContext'

/** What the baseline says where the option at hand says something; undefined for the baseline itself. */
export function useWas(): <T>(say: (option: OptionDocument) => T) => T | undefined {
  const { baseline, selected } = useOpenCase()
  return (say) => (selected === 0 ? undefined : say(baseline))
}
