import type { CaseDocument, CaseView } from '../api/client'
import { Refusal } from '../api/client'

export type Saving =
  | { status: 'saved'; at: string; by: string }
  /** A figure is being typed, and stored once it is finished. */
  | { status: 'typing' }
  | { status: 'waiting' }
  | { status: 'saving' }
  /** The server was not reached or did not take it; tried again by itself. */
  | { status: 'failed'; reason: string }
  /** Someone else saved first; nothing is sent until the advisor has chosen. */
  | { status: 'conflict'; theirs: CaseView }

type Save = (seenRevision: number, document: CaseDocument) => Promise<CaseView>

/** Shorter would store a state for every key press, longer would lose more to a power cut. */
const SAVE_AFTER_MS = 700
const RETRY_AFTER_MS = 4000

/** Saves a case by itself a moment after each change, one request at a time. Call `stop` at the end. */
export class Autosave {
  #saved: CaseView
  #wanted: CaseDocument
  #timer: ReturnType<typeof setTimeout> | undefined
  #busy = false
  #conflict = false

  constructor(
    opened: CaseView,
    private readonly save: Save,
    private readonly onSaving: (saving: Saving) => void,
  ) {
    this.#saved = opened
    this.#wanted = opened.document
  }

  get saved(): CaseView {
    return this.#saved
  }

  get isClean(): boolean {
    return this.#wanted === this.#saved.document && !this.#busy
  }

  /** Asks for this document to be saved. It must have an answer; the server refuses one that has none. */
  want(document: CaseDocument) {
    if (document === this.#wanted) return
    this.#wanted = document
    if (this.#conflict) return
    this.onSaving({ status: 'waiting' })
    this.#saveAfter(SAVE_AFTER_MS)
  }

  /** Drops what waits: the document has no answer any more. */
  hold() {
    clearTimeout(this.#timer)
    if (!this.#busy && !this.#conflict) this.#wanted = this.#saved.document
  }

  /** Saves at once what still waits. */
  flush() {
    if (this.#wanted !== this.#saved.document && !this.#conflict) void this.#send()
  }

  /** Takes a state saved elsewhere as the one that changes are made to from now on. */
  adopt(theirs: CaseView) {
    this.#saved = theirs
    this.#wanted = theirs.document
    this.#conflict = false
    clearTimeout(this.#timer)
    this.#tellSaved()
  }

  /** Saves our document over theirs, which stays among the kept states. */
  overwrite(theirs: CaseView) {
    this.#saved = { ...this.#saved, revision: theirs.revision }
    this.#conflict = false
    void this.#send()
  }

  stop() {
    clearTimeout(this.#timer)
    this.flush()
  }

  #saveAfter(delayMs: number) {
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.#send(), delayMs)
  }

  async #send() {
    if (this.#busy) return
    clearTimeout(this.#timer)
    this.#busy = true
    const document = this.#wanted
    this.onSaving({ status: 'saving' })
    try {
      const stored = await this.save(this.#saved.revision, document)
      this.#saved = { ...stored, document }
    } catch (error) {
      this.#busy = false
      this.#fail(error)
      return
    }
    this.#busy = false
    if (this.#wanted === document) this.#tellSaved()
    else this.#saveAfter(0)
  }

  #fail(error: unknown) {
    if (error instanceof Refusal && error.status === 409 && error.problem.saved) {
      this.#conflict = true
      this.onSaving({ status: 'conflict', theirs: error.problem.saved })
      return
    }
    this.onSaving({ status: 'failed', reason: reasonOf(error) })
    this.#saveAfter(RETRY_AFTER_MS)
  }

  #tellSaved() {
    this.onSaving({ status: 'saved', at: this.#saved.savedAt, by: this.#saved.savedBy })
  }
}

function reasonOf(error: unknown): string {
  if (!(error instanceof Refusal)) return 'no connection'
  if (error.status === 401) return 'signed out'
  return error.status >= 500 ? (error.problem.title ?? error.message) : error.message
}
