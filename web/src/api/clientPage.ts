import { api, dataOf, doneOf, type ClientChanges, type ClientPageView } from './client'

/** What lets a client in to their page: the key that their link holds, and the word that they typed. */
export type Entrance = { key: string; word: string | null }

/** The page as advised. */
export const AS_ADVISED: ClientChanges = { keptMonths: null, ratePercent: null, extraCents: null }

/** A client's page with their changes. @throws Refusal if they may not enter, or the changes have no figures */
export const askPage = async (
  entrance: Entrance,
  changes: ClientChanges,
  chartWidth: number,
  signal: AbortSignal,
): Promise<ClientPageView> =>
  dataOf(await api.POST('/api/client-page', { body: { ...entrance, changes, chartWidth }, signal }))

/** Sends a note to the practice. @throws Refusal if it may not be sent */
export const sendNote = async (entrance: Entrance, words: string, changes: ClientChanges) =>
  doneOf(await api.POST('/api/client-page/notes', { body: { ...entrance, words, changes } }))
