package app.impendium.server.evaluation;

import java.util.List;

/**
 * Whether a case keeps to limits.
 *
 * @param household the people as they count under every set
 * @param options for each option, whether it meets each set; empty for an option that has no figures
 * @param sets what each set says of the option that was asked about
 */
public record AffordabilityView(HouseholdView household, List<List<Boolean>> options, List<SetView> sets) {}
