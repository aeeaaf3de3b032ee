import type { HouseholdDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { readCount } from '../../entry/count'
import { nameUpTo } from '../../entry/name'
import { formatEntry } from '../../format/amount'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { withHousehold } from './household'
import type { Held } from './useAffordability'

const MOST_REGION_CHARACTERS = 40
/** A choice must have a value, and no region of a table is called this. */
const NONE = '–'
const UNSAID = 'not said'
const DECIDES = { MANUAL: 'a person', AUTOMATED: 'a machine' } as const

/** Who decides on the application, and where a set asks for what is left over, who lives from it and where. */
export function HouseholdFacts({ sets }: { sets: readonly Held[] }) {
  const { store, document } = useOpenCase()
  const { household } = document
  const set = (fields: Partial<HouseholdDocument>) => store.changeDocument(withHousehold(document, fields))
  const asksForLeftOver = sets.some(({ set: { tests } }) =>
    tests.some(({ measure }) => measure === 'RESIDUAL_INCOME'),
  )
  return (
    <section aria-labelledby="household-heading" className="mt-6">
      <h2 id="household-heading" className="heading">
        Household
      </h2>
      <dl className="ledger ledger-close">
        <div>
          <dt>Decided by</dt>
          <dd>
            <Choice
              label="Decided by"
              value={household.underwriting ?? 'MANUAL'}
              words={DECIDES}
              choose={(underwriting) => {
                set({ underwriting })
                store.settle()
              }}
            />
          </dd>
        </div>
        {asksForLeftOver && (
          <>
            <div>
              <dt>People in it</dt>
              <dd>
                <Figure
                  label="People in the household"
                  pointer="/household/size"
                  text={String(household.size ?? 1)}
                  read={readCount}
                  inputMode="numeric"
                  take={(size) => set({ size })}
                />
              </dd>
            </div>
            <div>
              <dt>Region</dt>
              <dd>
                <Region sets={sets} set={set} />
              </dd>
            </div>
            <AmountRow label="Income tax a month" field="incomeTaxCents" set={set} />
            <AmountRow label="Upkeep a month" field="upkeepCents" set={set} />
          </>
        )}
      </dl>
    </section>
  )
}

type Amount = 'incomeTaxCents' | 'upkeepCents'
type Set = (fields: Partial<HouseholdDocument>) => void

function AmountRow({ label, field, set }: { label: string; field: Amount; set: Set }) {
  const known = useOpenCase().document.household[field]
  return (
    <div>
      <dt>{label}</dt>
      <dd>
        <Figure
          label={label}
          pointer={`/household/${field}`}
          text={known === null ? UNSAID : formatEntry(known)}
          read={readAmount}
          inputMode="decimal"
          take={(cents) => set({ [field]: cents })}
          clear={() => set({ [field]: null })}
        />
      </dd>
    </div>
  )
}

/** Where they live, by the names that the sets' tables have. */
function Region({ sets, set }: { sets: readonly Held[]; set: Set }) {
  const { store, document } = useOpenCase()
  const { region } = document.household
  const names = sets.flatMap(({ set: { tests } }) =>
    tests.flatMap(({ byHousehold }) => byHousehold?.regions.map(({ region: name }) => name) ?? []),
  )
  const known = new Set([...names, ...(region === null ? [] : [region])])
  if (names.length === 0) {
    return (
      <Figure
        label="Region"
        pointer="/household/region"
        text={region ?? UNSAID}
        read={nameUpTo(MOST_REGION_CHARACTERS)}
        take={(name) => set({ region: name })}
        clear={() => set({ region: null })}
      />
    )
  }
  return (
    <Choice
      label="Region"
      value={region ?? NONE}
      words={{
        ...(region === null ? { [NONE]: UNSAID } : {}),
        ...Object.fromEntries([...known].map((name) => [name, name])),
      }}
      choose={(name) => {
        set({ region: name === NONE ? null : name })
        store.settle()
      }}
    />
  )
}
