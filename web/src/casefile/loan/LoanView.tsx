import { RateLadder } from '../rates/RateLadder'
import { Assumptions } from './Assumptions'
import { ComesTo } from './ComesTo'
import { MonthlyCost } from './MonthlyCost'
import { MonthThroughTheYears } from './MonthThroughTheYears'

/** What the loan costs a month and through the years, what it comes to, and what it would at other rates. */
export function LoanView() {
  return (
    <>
      <Assumptions />
      <div
        className="mid:grid-cols-2 wide:grid-cols-[1.1fr_0.95fr_1.05fr] grid-cols-[minmax(0,1fr)] figures-sheet grid gap-x-11 gap-y-6"
        data-testid="figures"
      >
        <MonthlyCost />
        <ComesTo />
        <div className="mid:col-span-2 wide:col-span-1 min-w-0">
          <RateLadder />
        </div>
        <div className="mid:col-span-2 wide:col-span-3 min-w-0">
          <MonthThroughTheYears />
        </div>
      </div>
    </>
  )
}
