import type { CaseDocument, CaseView } from '../../api/client'
import type { CaseWork } from '../desk'
import { sameDocument } from './sameDocument'

/** Goes on from a state saved elsewhere with a document made from it: what that says otherwise is saved next. */
export function goOnFrom({ store, saver }: CaseWork, theirs: CaseView, document: CaseDocument) {
  saver.tell({ name: 'adopted', view: theirs })
  if (!sameDocument(document, store.store.getState().document)) store.adopt(document)
  saver.tell({ name: 'wanted', document })
}
