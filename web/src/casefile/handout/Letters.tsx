import { Prose } from '../../handout/Prose'
import { useOpenCase } from '../CaseContext'
import type { Handout } from './useHandout'

/** The words at the beginning and the end. */
export function Letters({ handout: { says } }: { handout: Handout }) {
  const { store } = useOpenCase()
  return (
    <>
      <Prose
        label="Opening words"
        text={says.greeting}
        change={(greeting) => store.changeDocument({ handout: { ...says, greeting } })}
        finish={store.settle}
      />
      <Prose
        label="Closing words"
        text={says.closing}
        change={(closing) => store.changeDocument({ handout: { ...says, closing } })}
        finish={store.settle}
      />
    </>
  )
}
