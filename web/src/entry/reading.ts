/** What a typed text stands for. */
export type Reading<T> = { status: 'read'; value: T } | { status: 'unread'; message: string }

export const read = <T>(value: T): Reading<T> => ({ status: 'read', value })
export const unread = (message: string): Reading<never> => ({ status: 'unread', message })
