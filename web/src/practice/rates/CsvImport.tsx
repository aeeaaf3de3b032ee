import type { AddOnDocument, OfferDocument } from '../../api/client'
import { readRateCsv } from '../../api/rates'
import { ListImport } from '../../field/ListImport'
import { addOnWords, offerWords } from './tables'

type CsvImportProps = { take: (entries: { offers: OfferDocument[]; addOns: AddOnDocument[] }) => void }

/** Rates pasted or read from a file. */
export function CsvImport({ take }: CsvImportProps) {
  return (
    <div className="mt-4">
      <ListImport
        openWords="Paste or open CSV…"
        label="Comma-separated values"
        hint="First line: rate, points. Or: ltv above, ltv up to, score from, score to, points."
        placeholder={'rate, points\n6.125, 1\n6.25, 0.5'}
        read={(text, columns) => readRateCsv(text, { ...columns })}
        preview={({ offers, addOns }) => [...offers.map(offerWords), ...addOns.map(addOnWords)]}
        take={take}
      />
    </div>
  )
}
