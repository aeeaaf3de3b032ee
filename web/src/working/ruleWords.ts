import type { WorkingView } from '../api/client'

/** The rule in words, as an advisor would say it to a client. */
export const RULE_WORDS: Record<WorkingView['rule'], string> = {
  DOWN_AMOUNT: 'It was given as an amount.',
  DOWN_SHARE: 'A share of the price, to the nearest cent.',
  LOAN_OF_PURCHASE: 'The price less the down payment, plus a premium that is added to the loan.',
  LOAN_GIVEN: 'It was given, plus a premium that is added to the loan.',
  LOAN_OF_REFINANCING:
    'The balance paid off, with debts paid off, cash out, costs and a premium that are added to the loan.',
  UPFRONT_PREMIUM: 'A percentage of the loan before the premium is added.',
  LOAN_TO_VALUE: 'The loan before any financed premium, in percent of the lesser of price and appraisal.',
  RATE_SAME_PERIODS: 'Interest compounds as often as it is paid: the interest rate is divided evenly.',
  RATE_CONVERTED:
    'Interest compounds at other times than it is paid. The growth of one compounding period is raised to the part of it that one payment takes.',
  RATE_RESTATED:
    'The nominal annual rate that, compounded as stated, grows in a year by as much as this loan’s rate does.',
  EFFECTIVE_RATE: 'What one unit grows by in a year when each payment’s interest bears interest.',
  LEVEL_PAYMENT:
    'The same payment each time, such that nothing but the balance agreed is left after the last.',
  LEVEL_PAYMENT_WITHOUT_INTEREST: 'Without interest, the loan is shared evenly.',
  ACCELERATED_PAYMENT:
    'A half or a quarter of the monthly payment, so that a year holds thirteen months’ worth.',
  CUSTOM_PAYMENT: 'A custom payment: it was given.',
  NUMBER_OF_PAYMENTS:
    'Payments are counted until the balance is zero; extras end the loan before the scheduled number.',
  LAST_PAYMENT_BESIDE_EXTRA:
    'The balance before the last payment with its interest, less the extra paid with it: together they clear the loan.',
  LAST_PAYMENT:
    'The last payment clears the balance, with its interest. It takes up all the cents that rounding left.',
  PAYOFF_DATE: 'The day on which the last payment falls due.',
  SUM_OF_INTEREST:
    'The interest of every line of the schedule, added up. Payment × payments − loan is close to it; each cause of the difference stands below.',
  INTEREST_SAVED:
    'The total interest of the same loan without extra payments, less the total interest with them.',
  SUM_OF_PAYMENTS:
    'Every payment and extra payment, added up. Payment × payments is close to it; each cause of the difference stands below.',
  BALANCE_OF_LINE: 'The balance after this payment, by the schedule.',
  MONTHLY_PAYMENT_COST: 'A year’s payments, shared over twelve months.',
  MONTHLY_SHARE_OF_PRICE: 'A twelfth of a yearly share of the price.',
  MONTHLY_AMOUNT: 'A year’s amount, a twelfth of it a month.',
  MORTGAGE_INSURANCE: 'A twelfth of a yearly percentage of the original loan.',
  INSURANCE_ON_REQUEST:
    'The client may ask for its end from the first payment before which the balance, on the schedule without extras, is at or below the threshold; at the latest in the middle of the amortization.',
  INSURANCE_END:
    'It ends by itself with the first payment before which the balance, on the schedule without extras, is at or below the threshold; at the latest after the middle of the amortization.',
  SUM_OF_PARTS: 'The parts, added up. Each of them is rounded to the cent by itself.',
  CREDIT_UP_TO_COSTS: 'A credit pays no more than the costs that it may pay. The rest is unused.',
  BUYDOWN_SUBSIDY: 'For each reduced year, the difference to the full payment, times the payments of a year.',
  CASH_TO_CLOSE: 'What is due at closing, less what others pay of it.',
  ACTUARIAL_METHOD:
    'The rate at which all payments, with their insurance, are worth what the client actually receives: the loan less what is paid for having it.',
  COST_OF_BORROWING:
    'The cost of borrowing over the fixed-rate period, interest and what the lender charges at closing, shared over its years and the average balance. Premiums of default insurance are left out.',
  EFFECTIVE_RATE_OF_FLOWS:
    'The effective annual rate at which all payments, with their insurance, are worth what the clients receive: the loan less what is paid for having it.',
  COMPARISON_RATE:
    'The rate per period at which the repayments are worth the loan less the lender’s charges, times the periods a year. Insurance premiums are left out.',
  FIVE_YEARS_PAID:
    'All that is paid in sixty months: principal, interest, mortgage insurance and loan costs.',
  FIVE_YEARS_PRINCIPAL: 'The principal among the payments of sixty months.',
  INTEREST_OF_LINE: 'The balance before the payment, times the rate per payment.',
  PRINCIPAL_OF_LINE: 'What the payment leaves once its interest is paid.',
  BALANCE_AFTER_LINE:
    'The balance before, less the principal and any extra. By formula it differs by some cents, since a schedule rounds each line.',
  TOTAL_INTEREST_PERCENTAGE: 'All interest, with prepaid interest, in percent of the loan.',
  MORE_PRINCIPAL_FROM: 'The first payment of which more is principal than interest, extras left out.',
  HALF_REPAID_ON: 'The first payment after which the balance is half the loan or less.',
  GIVEN_MONTHLY: 'It was given for a month.',
  MONTH_WITH_EXTRAS:
    'What the month costs, with a twelfth of the extra payments that go with each payment of a year.',
  MONTH_CHANGE: 'What the month costs, less what the one before it cost.',
  ESCROWED_PARTS:
    'Principal and interest, mortgage insurance, and the taxes and home insurance paid from the lender’s escrow.',
  PARTS_TO_LENDER:
    'Principal and interest and mortgage insurance: the clients pay taxes and home insurance themselves.',
  PAID_BY_CLIENTS: 'What the month costs, less what goes to the lender.',
  REGULAR_PAYMENT: 'It is the loan’s regular payment.',
  INTEREST_ONLY_PAYMENT: 'Until principal begins, a payment is its interest and nothing more.',
  EXTRA_UP_TO_BALANCE: 'The extras agreed for this payment, up to the balance then.',
  PAYMENT_AND_EXTRA: 'The payment and the extra that goes with it.',
  PREMIUM_WITH_PAYMENT:
    'The month’s premium; where payments are not monthly, a year’s premiums shared among its payments.',
  EQUITY: 'What the home is then worth, if its value changes evenly, less the balance.',
  INTEREST_OF_RANGE:
    'The interest of every payment counted: what was paid by the last of them, less what was paid before the first.',
  PRINCIPAL_PAID_IN_RANGE: 'The balance before the first payment counted, less the balance after the last.',
  EXTRAS_OF_RANGE: 'The extras taken with the payments counted, added up.',
  PRINCIPAL_OF_RANGE: 'The principal paid, less the extras in it.',
  PAID_IN_RANGE: 'Interest and principal paid, extras included.',
  PREMIUMS_OF_RANGE: 'The premium with each payment, times the payments counted that carry one.',
  RUNG_PER_PAYMENT:
    'The regular payment at this rate, less the one compared with: at the loan’s own rate, or at a renewal the payment before it.',
  RUNG_PER_YEAR: 'The difference per payment, times the payments of a year.',
  RUNG_WHOLE_LOAN: 'All that is paid at this rate, less all that is paid at the loan’s own.',
  KEPT_COST:
    'What is brought to closing, everything paid in that time, and the balance that is then still to be paid back.',
  KEPT_MONTH:
    'What the home costs in the first month, with regular extras from the first payment, and the payments of debts that another option pays off.',
  STAYS_FROM:
    'From this month on, however long it is kept, the option costs at most as much as the baseline.',
  PAYBACK:
    'All costs, divided by what is saved a month, rounded up. It says nothing of the balance: the all-in cost is the comparison that counts.',
  CHANGE_FROM_TODAY:
    'What the loan takes in the first month, less what is paid today; payments that are not monthly count with a twelfth of a year’s.',
  KEPT_WORTH:
    'Every amount paid in that time and the balance then, each by what it is worth on the day the loan is paid out; tax relief on interest comes back with each payment.',
  KEPT_BALANCE:
    'The balance after the last payment made by then, with simple interest for the part of a period that has passed since.',
  INCOME_EACH_TIME:
    'What is earned before tax in a year, shared over twelve months, as far as a lender counts it.',
  INCOME_BY_THE_HOUR:
    'What is earned before tax in the hours of a year of 52 weeks, shared over twelve months, as far as a lender counts it.',
  RENT_COUNTED: 'The rent, as far as it counts on this letting basis.',
  COVER: 'The rent that counts, divided by what goes out in a month.',
  INTEREST_COVER:
    'A year’s rent, all of it, in percent of a year’s interest at the tested rate. Nothing is rounded on the way.',
  CASH_FLOW: 'The rent, less what is lost or spent of it and all that goes out in a month.',
  GROSS_YIELD: 'A year’s rent in percent of the price.',
  NET_YIELD: 'What a year leaves before the loan is paid, in percent of the price.',
  FIRST_YEAR_RETURN: 'What the first year leaves once the loan is paid, in percent of the cash put in.',
  SOLVED_LARGEST:
    'The largest that meets the target, all else kept as it is: found by halving, in whole units of the currency, thousandths of a percent or months. One step further no longer meets it.',
  SOLVED_SMALLEST:
    'The smallest that meets the target, all else kept as it is: found by halving, in whole units of the currency or months. One step less no longer meets it.',
}

export const ROUNDING_NOTES: Record<WorkingView['rounding'], string> = {
  NONE: 'Nothing is rounded.',
  NEAREST_CENT: 'Rounded to the nearest cent; half a cent goes up.',
  UP_TO_CENT: 'Rounded up to the next cent.',
  EACH_LINE: 'Each line’s interest is rounded to the nearest cent; the sum itself is exact.',
}
