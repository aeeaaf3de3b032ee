import type { LettingDocument, OwnerView } from '../../api/client'
import { readPercent, readSignedPercent } from '../../entry/percent'
import { formatAmount, formatEntry } from '../../format/amount'
import { formatPercent, formatRatio, formatSignedPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { Explained } from '../../working/Explained'
import type { FigureName } from '../../working/figureWords'
import { CurveFigure } from './CurveFigure'
import { withLetting } from './letting'
import type { Letting } from './useLetting'

/** The owner’s own figures, which no programme changes. */
const OWNER = { of: 'letting', programme: null } as const

type Share = 'vacancyPercent' | 'upkeepPercent' | 'managementPercent'
type Change = 'rentChangePercent' | 'costChangePercent'

/** What letting leaves the owner: their own figures, beside the lender's test. */
export function Owner({ letting: { view } }: { letting: Letting }) {
  const { owner } = view
  return (
    <section aria-labelledby="owner-heading" className="mt-9">
      <h2 id="owner-heading" className="heading">
        The owner’s own figures, which no lender’s test knows
      </h2>
      <div className="mid:grid-cols-2 mt-1 grid grid-cols-1 items-start gap-x-10 gap-y-8">
        <Month owner={owner} />
        <div>
          <Yields owner={owner} />
          <Years owner={owner} />
        </div>
      </div>
    </section>
  )
}

function Month({ owner }: { owner: OwnerView }) {
  return (
    <dl className="ledger" aria-label="A month">
      <div>
        <dt>Rent</dt>
        <dd>{formatAmount(owner.rentCents)}</dd>
      </div>
      <ShareRow label="Vacancy" field="vacancyPercent" cents={owner.vacancyCents} />
      <ShareRow label="Upkeep" field="upkeepPercent" cents={owner.upkeepCents} />
      <ShareRow label="Management" field="managementPercent" cents={owner.managementCents} />
      <div>
        <dt>Tax, insurance, dues, other</dt>
        <dd>−{formatAmount(owner.costsCents)}</dd>
      </div>
      <div>
        <dt>Loan</dt>
        <dd>−{formatAmount(owner.loanCents)}</dd>
      </div>
      <div>
        <dt className="font-semibold">Cash flow a month</dt>
        <dd className={owner.cashFlowCents < 0 ? 'text-over' : undefined} data-testid="cash-flow">
          <Explained figure="CASH_FLOW" subject={OWNER}>
            {owner.cashFlowCents < 0
              ? `−${formatAmount(-owner.cashFlowCents)}`
              : formatAmount(owner.cashFlowCents)}
          </Explained>
        </dd>
      </div>
    </dl>
  )
}

function ShareRow({ label, field, cents }: { label: string; field: Share; cents: number }) {
  const { store, document } = useOpenCase()
  const take = (percent: number | null) => store.changeDocument(withLetting(document, { [field]: percent }))
  return (
    <div>
      <dt>
        {label}{' '}
        <Figure
          label={`${label} in percent of the rent`}
          pointer={`/letting/${field}`}
          text={formatPercent(document.letting?.[field] ?? 0)}
          read={readPercent}
          inputMode="decimal"
          take={take}
          clear={() => take(null)}
        />
      </dt>
      <dd>−{formatAmount(cents)}</dd>
    </div>
  )
}

function Yields({ owner }: { owner: OwnerView }) {
  const { words } = useOpenCase()
  const rows: [FigureName, string, number | null][] = [
    ['GROSS_YIELD', 'Gross yield, a year’s rent of the price', owner.grossYieldPercent],
    ['NET_YIELD', 'Net yield, after all costs but the loan', owner.netYieldPercent],
    [
      'FIRST_YEAR_RETURN',
      `First year’s return on the ${words.cashToClose.toLowerCase()}`,
      owner.firstYearReturnPercent,
    ],
  ]
  return (
    <dl className="ledger" aria-label="Yields">
      {rows.map(([figure, name, percent]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>
            {percent === null ? (
              '–'
            ) : (
              <Explained figure={figure} subject={OWNER}>
                {written(percent)}
              </Explained>
            )}
          </dd>
        </div>
      ))}
    </dl>
  )
}

const written = (percent: number) => (percent < 0 ? `−${formatRatio(-percent, 2)}` : formatRatio(percent, 2))

function Years({ owner }: { owner: OwnerView }) {
  const { figures } = useOption()
  return (
    <div className="mt-5">
      <p className="mb-2">
        Rent changes by <ChangeFigure label="Yearly change of the rent" field="rentChangePercent" /> a year,
        costs by <ChangeFigure label="Yearly change of the costs" field="costChangePercent" />.
      </p>
      <CurveFigure
        title="Cash flow by year"
        columns={['Year', 'Cash flow']}
        curve={{
          points: owner.years.map(({ number, cashFlowCents }) => ({ at: number, value: cashFlowCents })),
          level: 0,
          levelWords: 'nothing left',
          today: null,
          writeAt: (year) => `${yearOf(figures.firstPaymentDate, year)}, year ${year}`,
          writeValue: (cents) => (cents < 0 ? `−${formatEntry(-cents)}` : formatEntry(cents)),
        }}
      />
    </div>
  )
}

/** The calendar year in which a year of the loan begins. */
const yearOf = (firstPayment: string, year: number) => Number(firstPayment.slice(0, 4)) + year - 1

function ChangeFigure({ label, field }: { label: string; field: Change }) {
  const { store, document } = useOpenCase()
  const take = (percent: LettingDocument[Change]) =>
    store.changeDocument(withLetting(document, { [field]: percent }))
  return (
    <Figure
      label={label}
      pointer={`/letting/${field}`}
      text={formatSignedPercent(document.letting?.[field] ?? 0)}
      read={readSignedPercent}
      take={take}
      clear={() => take(null)}
    />
  )
}
