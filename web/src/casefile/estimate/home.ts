import type { HomeDocument } from '../../api/client'

/** A home of which nothing is said yet: what estimates then ask about is shown, and kept with the first that is said. */
const NEW_HOME: HomeDocument = { area: null, dwelling: 'DETACHED', bedrooms: 3, baths: 1 }

/** The home of a case, with nothing left open but its area. */
export const homeOf = (home: HomeDocument | null): HomeDocument => ({
  area: home?.area ?? NEW_HOME.area,
  dwelling: home?.dwelling ?? NEW_HOME.dwelling,
  bedrooms: home?.bedrooms ?? NEW_HOME.bedrooms,
  baths: home?.baths ?? NEW_HOME.baths,
})
