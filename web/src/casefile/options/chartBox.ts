/** Room at the left for the amounts of the lines across, in pixels. */
export const AMOUNTS_PX = 64
/** Room at the right for what the lines are called. */
const LABELS_PX = 264
/** Below this width the lines' names stand under the chart. */
const NARROW_PX = 620

export const isNarrow = (width: number) => width < NARROW_PX

/** Where the lines are drawn within a chart of a width. */
export const plotOf = (width: number) => ({
  left: AMOUNTS_PX,
  width: Math.max(120, width - AMOUNTS_PX - (isNarrow(width) ? 0 : LABELS_PX)),
})
