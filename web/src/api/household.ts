import { api, dataOf } from './client'

/** Reads incomes from separated values. @throws Refusal with everything that is wrong, by its line */
export const readIncomeCsv = async (text: string, columns: Record<string, string>) =>
  dataOf(await api.POST('/api/household/incomes/csv', { body: { text, columns } }))

/** Reads debts from separated values. @throws Refusal with everything that is wrong, by its line */
export const readDebtCsv = async (text: string, columns: Record<string, string>) =>
  dataOf(await api.POST('/api/household/debts/csv', { body: { text, columns } }))

/** The debts that the simulated credit bureau knows of people by these names. */
export const askCreditBureau = async (names: string[]) =>
  dataOf(await api.POST('/api/household/credit-report', { body: { names } }))
