import type { LogEntry } from '../../api/client'

export const ACTIONS: Record<LogEntry['action'], string> = {
  SIGNED_IN: 'signed in',
  SIGN_IN_REFUSED: 'was refused at sign-in',
  READ: 'read',
  CREATED: 'created',
  CHANGED: 'changed',
  ARCHIVED: 'archived',
  REOPENED: 'opened again',
  DELETED: 'deleted',
  RESTORED: 'restored',
  HANDED_OVER: 'handed over',
  EXPORTED: 'exported',
  HANDED_OUT: 'handed out',
  MERGED: 'merged another into',
  DIVIDED: 'split',
  ERASED: 'erased',
}

export const KINDS: Record<LogEntry['kind'], string> = {
  CASE: 'case',
  CLIENT: 'client',
  HAND_OUT: 'hand-out',
  CLIENT_PAGE: 'client’s page',
  PERSON: 'person',
  RATES: 'rate table',
  RULE: 'limits or programme',
  HAND_OUT_TEMPLATE: 'hand-out template',
  PRACTICE: 'defaults of the practice',
  LOG: 'this log',
}

/** Of whom a sign-in is told, nothing else needs to be said. */
const OF_ONESELF: readonly LogEntry['action'][] = ['SIGNED_IN', 'SIGN_IN_REFUSED']

/** What was done, in words after the name of who did it; what it was done to stands apart, so that it can be a link. */
export function said({ action, kind, subject, subjectId, note, times, who }: LogEntry) {
  const isOneself = OF_ONESELF.includes(action) || (kind === 'PERSON' && subject === who)
  // What is gone is called by the name that was told when it went.
  const isNamedByNote = action === 'DELETED' && subject === null && note !== ''
  const isGone = subject === null && subjectId !== null && !isNamedByNote
  const what = isOneself
    ? action === 'CHANGED'
      ? `${ACTIONS.CHANGED} how they sign in`
      : ACTIONS[action]
    : `${ACTIONS[action]} ${isGone ? `a ${KINDS[kind]} that is gone` : KINDS[kind]}`
  return {
    what,
    subject: isOneself ? null : isNamedByNote ? note : subject,
    beside: [
      OF_ONESELF.includes(action) && note ? `from ${note}` : isNamedByNote || note === subject ? '' : note,
      times > 1 ? `${times} times` : '',
    ].filter((each) => each !== ''),
  }
}
