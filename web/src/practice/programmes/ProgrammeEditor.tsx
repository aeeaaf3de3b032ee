import { useQueryClient } from '@tanstack/react-query'
import type { ProgrammeDocument } from '../../api/client'
import { programmesQuery, saveProgramme } from '../../api/letting'
import { someName } from '../../entry/name'
import { EntriesContext } from '../../field/EntriesContext'
import { MARKETS } from '../../format/market'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import type { EditorProps } from '../rules/rule'
import { SourceLine } from '../rules/SourceLine'
import { StressedLine } from '../rules/StressedLine'
import { SaveBar } from '../SaveBar'
import { useSavedDraft } from '../useSavedDraft'
import { BandList } from './BandList'
import { BasisList } from './BasisList'
import { COVERS } from './programmeWords'

const MOST_NAME_CHARACTERS = 60

/** A programme in sentences, its bands and letting bases line by line, kept when it is saved. */
export function ProgrammeEditor({ seen, start, close }: EditorProps<ProgrammeDocument>) {
  const queries = useQueryClient()
  const edited = useSavedDraft({
    kind: 'programmes',
    seen,
    start,
    save: saveProgramme,
    onSaved: async () => {
      await queries.invalidateQueries({ queryKey: programmesQuery.queryKey })
      close()
    },
  })
  const { value: programme, draft, entries } = edited
  const change = (fields: Partial<ProgrammeDocument>) => draft.change({ ...programme, ...fields })
  const step = (fields: Partial<ProgrammeDocument>) => draft.step({ ...programme, ...fields })
  return (
    <section aria-label="Programme" className="mt-4 mb-2">
      <EntriesContext value={entries}>
        <p className="sentence" data-long>
          <Figure
            label="Name of the programme"
            pointer="/name"
            text={programme.name}
            read={someName(MOST_NAME_CHARACTERS)}
            take={(name) => change({ name })}
            after=","
          />{' '}
          {MARKETS[programme.market].name}, where the rent covers{' '}
          <Choice
            label="What the rent covers"
            value={programme.cover}
            words={COVERS}
            choose={(cover) => step({ cover })}
          />
          .
        </p>
        <SourceLine rule={programme} change={change} />
        {programme.cover === 'INTEREST' && (
          <StressedLine
            subject="Interest"
            stressed={programme.stressed}
            change={(stressed) => change({ stressed })}
            step={(stressed) => step({ stressed })}
          />
        )}
        <h3 className="heading mt-4">Bands of cover</h3>
        <BandList programme={programme} change={(bands) => change({ bands })} />
        <h3 className="heading mt-4">Letting bases</h3>
        <BasisList
          programme={programme}
          change={(bases) => change({ bases })}
          step={(bases) => step({ bases })}
        />
        <SaveBar edited={edited} close={close} />
      </EntriesContext>
    </section>
  )
}
