import type { CaseDocument, CaseView } from '../../api/client'
import { sameDocument } from './sameDocument'

/** What is known of saving a case. A change is another state: none is altered. */
export type SaverState = {
  /** The state that the server acknowledged last: changes are made to it. */
  base: CaseView
  /** The document to be stored: the last one that had an answer when it was finished. */
  wanted: CaseDocument
  /** Documents that were sent and never acknowledged: the server may hold any of them. */
  unacknowledged: readonly CaseDocument[]
  phase: Phase
}

export type Phase =
  /** Nothing is to be sent. */
  | { name: 'resting' }
  /** Sent a moment after the last change. */
  | { name: 'waiting' }
  | { name: 'sending'; document: CaseDocument; attempt: number }
  /** The server was not reached; tried again by itself. */
  | { name: 'silent'; attempt: number }
  /** The server failed; tried again by itself, ever more rarely. */
  | { name: 'failing'; reason: string; attempt: number }
  /** The server does not take it; not sent again before it is changed. */
  | { name: 'refused'; reason: string }
  /** Someone else saved first; nothing is sent before it is clear which state goes on. */
  | { name: 'conflict'; theirs: CaseView }
  /** Nothing is sent any more. */
  | { name: 'stopped' }

export type SaverEvent =
  /** A document is finished and has an answer. */
  | { name: 'wanted'; document: CaseDocument }
  /** The time to wait is over, or nobody wants to wait for it. */
  | { name: 'due' }
  | { name: 'stored'; view: CaseView }
  | { name: 'silence' }
  | { name: 'failure'; reason: string }
  | { name: 'refusal'; reason: string }
  /** The server holds a state that ours was not made from. */
  | { name: 'outrun'; theirs: CaseView }
  /** A state saved elsewhere is the one that changes are made to from now on. */
  | { name: 'adopted'; view: CaseView }
  | { name: 'stopped' }

const RESTING: Phase = { name: 'resting' }
const WAITING: Phase = { name: 'waiting' }

/** How a saver begins: with what the server acknowledged last, and what was sent to it since. */
export const restingAt = (base: CaseView, unacknowledged: readonly CaseDocument[] = []): SaverState => ({
  base,
  wanted: base.document,
  unacknowledged,
  phase: RESTING,
})

/** The state after an event; the same state where the event means nothing in it. */
export function after(state: SaverState, event: SaverEvent): SaverState {
  const { phase } = state
  if (phase.name === 'stopped') return state
  switch (event.name) {
    case 'stopped':
      return { ...state, phase: { name: 'stopped' } }
    case 'wanted':
      return want(state, event.document)
    case 'due':
      return isSendable(phase) && !isStored(state) ? send(state) : state
    case 'adopted':
      return phase.name === 'sending' ? state : restingAt(event.view)
    default:
      return phase.name === 'sending' ? answered(state, phase, event) : state
  }
}

/** Whether the server acknowledged just what is to be stored, and can hold nothing else. */
const isStored = ({ wanted, base, unacknowledged }: SaverState) =>
  unacknowledged.length === 0 && sameDocument(wanted, base.document)

const isSendable = ({ name }: Phase) => ['waiting', 'silent', 'failing', 'refused'].includes(name)

function want(state: SaverState, document: CaseDocument): SaverState {
  if (sameDocument(document, state.wanted)) return state
  const wanting = { ...state, wanted: document }
  const { name } = state.phase
  if (name === 'sending' || name === 'conflict') return wanting
  return { ...wanting, phase: isStored(wanting) ? RESTING : WAITING }
}

function send(state: SaverState): SaverState {
  const { wanted, phase, unacknowledged } = state
  const attempt = phase.name === 'silent' || phase.name === 'failing' ? phase.attempt + 1 : 1
  return {
    ...state,
    unacknowledged: [...unacknowledged.filter((each) => !sameDocument(each, wanted)), wanted],
    phase: { name: 'sending', document: wanted, attempt },
  }
}

type Sending = Extract<Phase, { name: 'sending' }>
type Answer = Extract<SaverEvent, { name: 'stored' | 'silence' | 'failure' | 'refusal' | 'outrun' }>

function answered(state: SaverState, { document, attempt }: Sending, answer: Answer): SaverState {
  switch (answer.name) {
    case 'stored':
      return goOn(state, { ...answer.view, document })
    case 'silence':
      return { ...state, phase: { name: 'silent', attempt } }
    case 'failure':
      return { ...state, phase: { name: 'failing', reason: answer.reason, attempt } }
    case 'refusal': {
      const others = state.unacknowledged.filter((each) => each !== document)
      const phase: Phase = sameDocument(state.wanted, document)
        ? { name: 'refused', reason: answer.reason }
        : WAITING
      return { ...state, unacknowledged: others, phase }
    }
    case 'outrun':
      // What an earlier request stored without our hearing of it is our own.
      return state.unacknowledged.some((each) => sameDocument(each, answer.theirs.document))
        ? goOn(state, answer.theirs)
        : { ...state, phase: { name: 'conflict', theirs: answer.theirs } }
  }
}

/** The server holds a state of ours: what came after it is sent at once. */
function goOn(state: SaverState, base: CaseView): SaverState {
  const going: SaverState = { ...state, base, unacknowledged: [], phase: RESTING }
  return isStored(going) ? going : send(going)
}
