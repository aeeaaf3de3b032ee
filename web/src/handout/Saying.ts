import type { HandoutDocument } from '../api/client'

/** What a hand-out says and the way to say otherwise: in a case, or in a template of the practice. */
export type Saying = { handout: { says: HandoutDocument; say: (says: HandoutDocument) => void } }
