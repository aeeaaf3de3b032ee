import type { ScheduleView } from '../api/client'

/** A schedule of two payments to test with; any column can be given otherwise. */
export const aSchedule = (columns: Partial<ScheduleView> = {}): ScheduleView => ({
  dates: ['2027-03-01', '2027-04-01'],
  paymentCents: [0, 50000, 50250],
  interestCents: [0, 500, 250],
  principalCents: [0, 49500, 50000],
  extraCents: [0, 500, 0],
  insuranceCents: [0, 0, 0],
  balanceCents: [100000, 50000, 0],
  valueCents: null,
  milestones: [],
  reconciliation: {
    closingBalanceCents: 0,
    principalCents: 100000,
    borrowedCents: 100000,
    formulaAfterPayment: null,
    formulaBalance: null,
    scheduleBalanceCents: null,
  },
  ...columns,
})
