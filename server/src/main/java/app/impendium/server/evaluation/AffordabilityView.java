package app.impendium.server.evaluation;

import java.util.List;

/**
 * Whether an option of a case keeps to limits.
 *
 * @param household the people as they count under every set
 * @param sets what each set says of the option that was asked about
 */
public record AffordabilityView(HouseholdView household, List<SetView> sets) {}
