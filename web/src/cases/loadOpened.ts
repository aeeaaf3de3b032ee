/** Loads what opens above the list of cases; the list is shown without it. */
export const loadOpened = () => import('./opened')
