import type { HouseholdDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { nameUpTo } from '../../entry/name'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { formatDifference, formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { newId } from '../newId'
import { withHousehold } from './household'
import type { Affordability } from './useAffordability'

type Home = HouseholdDocument['properties'][number]

const MOST_NAME_CHARACTERS = 60

/** Further homes that they own, with the rent that counts and what they take. */
export function OtherHomes({ affordability }: { affordability: Affordability }) {
  const { store, document } = useOpenCase()
  const { properties } = document.household
  const put = (changed: Home[]) => store.changeDocument(withHousehold(document, { properties: changed }))
  const { chosen } = affordability
  return (
    <section aria-labelledby="homes-heading" className="mt-6">
      {properties.length > 0 && (
        <div className="flex justify-between">
          <h2 id="homes-heading" className="heading">
            Other homes
          </h2>
          <span className="heading">{formatPercent(chosen.set.rentCountedPercent)} of the rent counts</span>
        </div>
      )}
      <ListEditor
        label="Other homes"
        entries={properties}
        line={(home) => (
          <HomeLine
            home={home}
            set={(fields) =>
              put(properties.map((each) => (each.id === home.id ? { ...each, ...fields } : each)))
            }
            leavesCents={leavesCents(home.id, affordability)}
          />
        )}
        add={(after) => {
          const added = { id: newId(), name: 'home', rentCents: 0, outgoingsCents: 0 }
          put(insertAfter(properties, added, after))
          return added.id
        }}
        remove={(id) => put(properties.filter((home) => home.id !== id))}
        move={(id, by) => put(movedBy(properties, id, by))}
        addWords="Add another home"
      />
    </section>
  )
}

function leavesCents(id: string, { document, chosen }: Affordability): number | undefined {
  return chosen.view.propertiesCents[document.household.properties.findIndex((home) => home.id === id)]
}

type HomeLineProps = { home: Home; set: (fields: Partial<Home>) => void; leavesCents: number | undefined }

function HomeLine({ home, set, leavesCents }: HomeLineProps) {
  const at = `/household/properties/${home.id}`
  return (
    <span className="counted-line">
      <Figure
        label="Name of the home"
        pointer={`${at}/name`}
        text={home.name}
        read={nameUpTo(MOST_NAME_CHARACTERS)}
        take={(name) => set({ name })}
      />
      let for
      <Figure
        label="Rent a month"
        pointer={`${at}/rentCents`}
        text={formatEntry(home.rentCents)}
        read={readAmount}
        inputMode="decimal"
        take={(rentCents) => set({ rentCents })}
      />
      takes
      <Figure
        label="Outgoings a month"
        pointer={`${at}/outgoingsCents`}
        text={formatEntry(home.outgoingsCents)}
        read={readAmount}
        inputMode="decimal"
        take={(outgoingsCents) => set({ outgoingsCents })}
      />
      <span className="counted-why">{(leavesCents ?? 0) < 0 ? 'a debt' : 'an income'}</span>
      <span className="counted">{leavesCents === undefined ? '' : formatDifference(leavesCents)}</span>
    </span>
  )
}
