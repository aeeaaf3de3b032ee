import { LifePicture } from '../../picture/LifePicture'
import { useOpenCase } from '../CaseContext'
import { ComesTo } from './ComesTo'
import { CostsDrawer } from './CostsDrawer'
import { LoanSentence } from './LoanSentence'
import { MonthlyCost } from './MonthlyCost'
import { TakenIntoAccount } from './TakenIntoAccount'

/** The loan as a sentence, what it costs a month and what it comes to. */
export function LoanView() {
  const { figures, staleness } = useOpenCase()
  return (
    <>
      <LoanSentence />
      <p className="text-over mt-2 min-h-5 text-[0.8125rem] font-medium" role="status">
        {staleness}
      </p>
      <div
        className="mid:grid-cols-2 wide:grid-cols-[1.1fr_1fr_1fr] grid-cols-[minmax(0,1fr)] mt-4 figures-sheet grid gap-x-12 gap-y-8"
        data-stale={staleness === null ? undefined : ''}
        data-testid="figures"
      >
        <MonthlyCost />
        <ComesTo />
        <TakenIntoAccount />
        <div className="mid:col-span-2 wide:col-span-3 min-w-0">
          <LifePicture years={figures.years} />
        </div>
      </div>
      <CostsDrawer />
    </>
  )
}
