/**
 * What a typed text stands for. `incomplete`: nothing yet, but more typing may make it something; its message is for
 * when it is left like that.
 */
export type Reading<T> =
  | { status: 'read'; value: T }
  | { status: 'incomplete'; message: string }
  | { status: 'unread'; message: string }

export const read = <T>(value: T): Reading<T> => ({ status: 'read', value })
export const incomplete = (message: string): Reading<never> => ({ status: 'incomplete', message })
export const unread = (message: string): Reading<never> => ({ status: 'unread', message })
