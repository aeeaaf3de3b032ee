import type { EstimateDocument } from '../../api/client'

/** What an estimate is called beside its figure. */
export const estimateWords = ({ simulated }: Pick<EstimateDocument, 'simulated'>) =>
  simulated ? 'simulated estimate' : 'estimate'
