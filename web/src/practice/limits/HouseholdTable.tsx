import { newId } from '../../casefile/newId'
import { readAmount } from '../../entry/amount'
import { readAmounts } from '../../entry/amounts'
import { readCount } from '../../entry/count'
import { someName } from '../../entry/name'
import { formatEntry } from '../../format/amount'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'
import type { ByHousehold } from './setWords'

const MOST_REGION_CHARACTERS = 40
const MOST_REGIONS = 20

type Region = ByHousehold['regions'][number]
type HouseholdTableProps = {
  at: string
  table: ByHousehold
  change: (table: ByHousehold) => void
  step: (table: ByHousehold) => void
}

/** What must be left over by region and household size, a line a region. */
export function HouseholdTable({ at, table, change, step }: HouseholdTableProps) {
  const { regions } = table
  const set = (id: string, fields: Partial<Region>) =>
    change({ ...table, regions: regions.map((each) => (each.id === id ? { ...each, ...fields } : each)) })
  return (
    <span className="household-table" data-apart>
      <span className="text-soft">
        by the number of people, up to{' '}
        <Figure
          label="Most people"
          pointer={`${at}/mostPeople`}
          text={String(table.mostPeople)}
          read={readCount}
          inputMode="numeric"
          take={(mostPeople) => change({ ...table, mostPeople })}
        />
      </span>
      {regions.map((region) => (
        <span key={region.id}>
          <Figure
            label="Region of the table"
            pointer={`${at}/regions/${region.id}/region`}
            text={region.region}
            read={someName(MOST_REGION_CHARACTERS)}
            take={(name) => set(region.id, { region: name })}
            after=":"
          />{' '}
          <Figure
            label={`Amounts by size, ${region.region}`}
            pointer={`${at}/regions/${region.id}/bySizeCents`}
            text={region.bySizeCents.map(formatEntry).join('; ')}
            read={readAmounts}
            take={(bySizeCents) => set(region.id, { bySizeCents })}
            after=","
          />{' '}
          then{' '}
          <Figure
            label={`Each further person, ${region.region}`}
            pointer={`${at}/regions/${region.id}/perFurtherCents`}
            text={formatEntry(region.perFurtherCents)}
            read={readAmount}
            inputMode="decimal"
            take={(perFurtherCents) => set(region.id, { perFurtherCents })}
          />{' '}
          each{' '}
          {regions.length > 1 && (
            <TextButton
              onClick={() => step({ ...table, regions: regions.filter(({ id }) => id !== region.id) })}
            >
              <span aria-hidden>×</span>
              <span className="sr-only">Without {region.region}</span>
            </TextButton>
          )}
        </span>
      ))}
      {regions.length < MOST_REGIONS && (
        <TextButton
          onClick={() =>
            step({
              ...table,
              regions: [
                ...regions,
                {
                  id: newId(),
                  region: `region ${regions.length + 1}`,
                  bySizeCents: [450_00],
                  perFurtherCents: 75_00,
                },
              ],
            })
          }
        >
          Add a region
        </TextButton>
      )}
    </span>
  )
}
