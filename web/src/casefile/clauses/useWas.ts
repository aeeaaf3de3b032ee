import type { OptionDocument } from '../../api/client'
import { useOption } from '../OptionContext'

/** What the baseline says where the option at hand says something; undefined for the baseline itself. */
export function useWas(): <T>(say: (option: OptionDocument) => T) => T | undefined {
  const { baseline, isBaseline } = useOption()
  return (say) => (isBaseline ? undefined : say(baseline))
}
