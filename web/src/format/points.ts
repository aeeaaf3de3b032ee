/** 1 point, 1.5 points. */
export const formatPoints = (percent: number) => `${percent} ${percent === 1 ? 'point' : 'points'}`
