import { describe, expect, it } from 'vitest'
import type { CaseDocument } from '../../api/client'
import { aDocument, aSavedCase } from '../../test/documents'
import { after, restingAt, type Phase, type SaverEvent, type SaverState } from './saverState'

const base = aSavedCase()
const titled = (title: string) => aDocument({ title })
const [a, b] = [titled('a'), titled('b')]
const theirs = aSavedCase({ revision: 4, savedBy: 'Tobias Pell', document: titled('theirs') })
const stored = (document: CaseDocument) => aSavedCase({ revision: 1, document })

const sendingA: Phase = { name: 'sending', document: a, attempt: 1 }

/** A state in which `a` is wanted; whatever was sent is not acknowledged. */
const wantingA = (phase: Phase): SaverState => ({
  ...restingAt(base, phase.name === 'waiting' ? [] : [a]),
  wanted: a,
  phase,
})

const EVENTS: Record<string, SaverEvent> = {
  'wants a': { name: 'wanted', document: a },
  'wants b': { name: 'wanted', document: b },
  'wants base': { name: 'wanted', document: base.document },
  due: { name: 'due' },
  'stored a': { name: 'stored', view: stored(a) },
  silence: { name: 'silence' },
  failure: { name: 'failure', reason: 'disk full' },
  refusal: { name: 'refusal', reason: 'too long' },
  'outrun by theirs': { name: 'outrun', theirs },
  'outrun by a': { name: 'outrun', theirs: stored(a) },
  adopted: { name: 'adopted', view: theirs },
  stopped: { name: 'stopped' },
}

const PHASES: Record<string, SaverState> = {
  resting: restingAt(base),
  waiting: wantingA({ name: 'waiting' }),
  sending: wantingA(sendingA),
  'sending, b wanted': { ...wantingA(sendingA), wanted: b },
  silent: wantingA({ name: 'silent', attempt: 1 }),
  failing: wantingA({ name: 'failing', reason: 'disk full', attempt: 1 }),
  refused: { ...wantingA({ name: 'refused', reason: 'too long' }), unacknowledged: [] },
  conflict: wantingA({ name: 'conflict', theirs }),
  stopped: wantingA({ name: 'stopped' }),
}

/** In each state, what it becomes by each event that means something there; all others leave it as it is. */
const TABLE: Record<keyof typeof PHASES, Partial<Record<keyof typeof EVENTS, Phase['name']>>> = {
  resting: { 'wants a': 'waiting', 'wants b': 'waiting', adopted: 'resting', stopped: 'stopped' },
  waiting: {
    'wants b': 'waiting',
    'wants base': 'resting',
    due: 'sending',
    adopted: 'resting',
    stopped: 'stopped',
  },
  sending: {
    'wants b': 'sending',
    'wants base': 'sending',
    'stored a': 'resting',
    silence: 'silent',
    failure: 'failing',
    refusal: 'refused',
    'outrun by theirs': 'conflict',
    'outrun by a': 'resting',
    stopped: 'stopped',
  },
  'sending, b wanted': {
    'wants a': 'sending',
    'wants base': 'sending',
    'stored a': 'sending',
    silence: 'silent',
    failure: 'failing',
    refusal: 'waiting',
    'outrun by theirs': 'conflict',
    'outrun by a': 'sending',
    stopped: 'stopped',
  },
  silent: {
    'wants b': 'waiting',
    'wants base': 'waiting',
    due: 'sending',
    adopted: 'resting',
    stopped: 'stopped',
  },
  failing: {
    'wants b': 'waiting',
    'wants base': 'waiting',
    due: 'sending',
    adopted: 'resting',
    stopped: 'stopped',
  },
  refused: {
    'wants b': 'waiting',
    'wants base': 'resting',
    due: 'sending',
    adopted: 'resting',
    stopped: 'stopped',
  },
  conflict: {
    'wants b': 'conflict',
    'wants base': 'conflict',
    adopted: 'resting',
    stopped: 'stopped',
  },
  stopped: {},
}

const CASES = Object.entries(PHASES).flatMap(([phase, state]) =>
  Object.entries(EVENTS).map(([event, told]) => ({
    phase,
    event,
    state,
    told,
    becomes: TABLE[phase]?.[event],
  })),
)

describe('the states of saving', () => {
  it.each(CASES)('$phase, $event: $becomes', ({ state, told, becomes }) => {
    const next = after(state, told)
    if (becomes === undefined) expect(next).toBe(state)
    else {
      expect(next).not.toBe(state)
      expect(next.phase.name).toBe(becomes)
    }
  })

  it('sends what was wanted meanwhile, made from what was just stored', () => {
    const next = after({ ...wantingA(sendingA), wanted: b }, { name: 'stored', view: stored(a) })
    expect(next.base).toEqual(stored(a))
    expect(next.phase).toEqual({ name: 'sending', document: b, attempt: 1 })
  })

  it('takes for its own what was stored without its hearing of it, and goes on from there', () => {
    const silent = after(wantingA(sendingA), { name: 'silence' })
    const sending = after(after(silent, { name: 'wanted', document: b }), { name: 'due' })
    const next = after(sending, { name: 'outrun', theirs: stored(a) })
    expect(next.base.revision).toBe(1)
    expect(next.phase).toEqual({ name: 'sending', document: b, attempt: 1 })
  })

  it('counts attempts until something else is wanted', () => {
    const again = after(wantingA({ name: 'silent', attempt: 3 }), { name: 'due' })
    expect(again.phase).toEqual({ name: 'sending', document: a, attempt: 4 })
    const other = after(wantingA({ name: 'silent', attempt: 3 }), { name: 'wanted', document: b })
    expect(after(other, { name: 'due' }).phase).toMatchObject({ attempt: 1 })
  })

  it('stores mine over theirs by naming their revision', () => {
    const adopted = after(wantingA({ name: 'conflict', theirs }), { name: 'adopted', view: theirs })
    const next = after(after(adopted, { name: 'wanted', document: a }), { name: 'due' })
    expect(next.base).toBe(theirs)
    expect(next.phase).toMatchObject({ name: 'sending', document: a })
  })

  it('does not call saved what the server may have overwritten without an answer', () => {
    const undone = after(wantingA({ name: 'silent', attempt: 1 }), {
      name: 'wanted',
      document: base.document,
    })
    expect(after(undone, { name: 'due' }).phase).toMatchObject({ name: 'sending', document: base.document })
  })
})
