package app.impendium.server.evaluation;

import app.impendium.core.CaseComparison;
import app.impendium.core.HomeDifference;
import app.impendium.core.compare.CheapestRun;
import app.impendium.core.money.Money;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;

/**
 * The options of a case beside one another for as long as they are kept, in whole cents. Options are named by their place in
 * the case, from 0; one without figures takes no part.
 *
 * @param keptMonths how long the client keeps the loan
 * @param keptIsGiven whether the case says so; else it is the usual time
 * @param horizonMonths the months of the longest option's life
 * @param homeCostsCount whether what the home costs besides differs between options, and so counts
 * @param homeDifferences what differs between the options besides the way of financing
 * @param baseline the option that the others are compared with: the first that has figures
 * @param options one for each option of the case
 * @param cheapestThen the options that cost least if they are kept so long; more than one where they tie
 * @param cheapest which option costs least for each length of stay, in runs without gaps
 */
public record ComparisonView(
        int keptMonths,
        boolean keptIsGiven,
        int horizonMonths,
        boolean homeCostsCount,
        List<HomeDifferenceView> homeDifferences,
        int baseline,
        List<ComparedOptionView> options,
        List<Integer> cheapestThen,
        List<CheapestRunView> cheapest) {

    /** A run of months, both counted, for which an option costs least. */
    public record CheapestRunView(int fromMonth, int toMonth, int option) {}

    /**
     * What makes options ones of different homes.
     *
     * @param cents by option: the price, or what the part costs in the first month; null where an option has no price or no
     *     figures
     */
    public record HomeDifferenceView(
            HomeDifference.Part part,
            @ArraySchema(schema = @Schema(nullable = true)) List<Long> cents) {}

    /**
     * @param places of the options that take part, in the case
     * @param options one for each option of the case
     */
    static ComparisonView of(
            CaseComparison comparison, boolean keptIsGiven, List<Integer> places, List<ComparedOptionView> options) {
        return new ComparisonView(
                comparison.keptMonths(),
                keptIsGiven,
                comparison.costs().horizonMonths(),
                comparison.costs().homeCostsCount(),
                comparison.homeDifferences().stream()
                        .map(difference -> difference(difference, places, options.size()))
                        .toList(),
                places.get(0),
                options,
                comparison.costs().cheapestAfter(comparison.keptMonths()).stream()
                        .map(places::get)
                        .toList(),
                comparison.costs().cheapest().stream()
                        .map(run -> run(run, places))
                        .toList());
    }

    private static HomeDifferenceView difference(HomeDifference difference, List<Integer> places, int options) {
        Long[] cents = new Long[options];
        for (int i = 0; i < places.size(); i++) {
            cents[places.get(i)] = difference.amounts().get(i).map(Money::cents).orElse(null);
        }
        return new HomeDifferenceView(difference.part(), Arrays.asList(cents));
    }

    private static CheapestRunView run(CheapestRun run, List<Integer> places) {
        return new CheapestRunView(run.fromMonth(), run.toMonth(), places.get(run.option()));
    }
}
