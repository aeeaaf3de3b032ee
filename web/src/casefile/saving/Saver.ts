import { createStore, type StoreApi } from 'zustand/vanilla'
import { Refusal, type CaseDocument, type CaseView } from '../../api/client'
import { after, restingAt, type Phase, type SaverEvent, type SaverState } from './saverState'

/** Stores a document made from a revision. @throws Refusal where the server answered, anything else where it did not */
export type Save = (seenRevision: number, document: CaseDocument) => Promise<CaseView>

/** Shorter would store a state for every key press, longer would lose more to a power cut. */
const SAVE_AFTER_MS = 700
const RETRY_AFTER_MS = 2_000
const RETRY_AFTER_FAILURE_MS = 5_000
const LONGEST_RETRY_MS = 60_000

/** Saves a case by itself, one request at a time: carries out what its states ask for. */
export class Saver {
  readonly store: StoreApi<SaverState>
  readonly #save: Save
  #timer: ReturnType<typeof setTimeout> | undefined

  constructor(base: CaseView, unacknowledged: readonly CaseDocument[], save: Save) {
    this.store = createStore(() => restingAt(base, unacknowledged))
    this.#save = save
  }

  get state(): SaverState {
    return this.store.getState()
  }

  /** Tells what happened. */
  tell(event: SaverEvent) {
    const before = this.state
    const next = after(before, event)
    if (next === before) return
    this.store.setState(next, true)
    if (next.phase !== before.phase || next.phase.name === 'waiting') this.#carryOut(next)
  }

  #carryOut({ base, phase }: SaverState) {
    clearTimeout(this.#timer)
    if (phase.name === 'sending') void this.#send(base.revision, phase.document)
    const delayMs = delayOf(phase)
    if (delayMs !== null) this.#timer = setTimeout(() => this.tell({ name: 'due' }), delayMs)
  }

  async #send(seenRevision: number, document: CaseDocument) {
    this.tell(
      await this.#save(seenRevision, document).then(
        (view): SaverEvent => ({ name: 'stored', view }),
        failureOf,
      ),
    )
  }
}

function delayOf(phase: Phase): number | null {
  switch (phase.name) {
    case 'waiting':
      return SAVE_AFTER_MS
    case 'silent':
      return backOff(RETRY_AFTER_MS, phase.attempt)
    case 'failing':
      return backOff(RETRY_AFTER_FAILURE_MS, phase.attempt)
    default:
      return null
  }
}

/** Twice as long after each attempt. */
const backOff = (firstMs: number, attempt: number) => Math.min(LONGEST_RETRY_MS, firstMs * 2 ** (attempt - 1))

function failureOf(error: unknown): SaverEvent {
  if (!(error instanceof Refusal)) return { name: 'silence' }
  if (error.status === 409 && error.problem.saved) return { name: 'outrun', theirs: error.problem.saved }
  if (error.status >= 500) return { name: 'failure', reason: error.problem.title ?? error.message }
  return { name: 'refusal', reason: error.status === 401 ? 'you are signed out' : error.message }
}
