import type { Role } from '../../api/client'

export const ROLE_WORDS: Record<Role, string> = { OWNER: 'Owner', ADVISOR: 'Advisor' }

/** What somebody may do, as it is chosen. */
export const ROLE_CHOICES = Object.entries(ROLE_WORDS) as [Role, string][]
