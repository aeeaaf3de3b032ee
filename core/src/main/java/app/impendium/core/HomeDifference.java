package app.impendium.core;

import app.impendium.core.cost.HousingCost;
import app.impendium.core.money.Money;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What differs between options besides the way of financing: their prices, or what the home costs beside the loan. Immutable.
 *
 * @param amounts by option: the price, or what the part costs in the first month; none where an option has no price
 */
public record HomeDifference(Part part, List<Optional<Money>> amounts) {

    /** What a home has whatever pays for it. */
    public enum Part {
        /** The price of the home, or what it is worth where it is not bought. */
        PRICE,
        PROPERTY_TAX,
        HOME_INSURANCE,
        DUES,
        OTHER
    }

    private static final Map<Part, Function<HousingCost, Money>> COSTS = new EnumMap<>(Map.of(
            Part.PROPERTY_TAX, HousingCost::propertyTax,
            Part.HOME_INSURANCE, HousingCost::homeInsurance,
            Part.DUES, HousingCost::dues,
            Part.OTHER, HousingCost::other));

    public HomeDifference {
        amounts = List.copyOf(amounts);
    }

    /**
     * All differences between options, in the order of the parts. A tax that differs only because it is the same share of another
     * price is none of its own.
     */
    static List<HomeDifference> between(List<OptionEvaluation> options) {
        return Stream.of(Part.values())
                .map(part -> new HomeDifference(
                        part,
                        options.stream().map(option -> amount(part, option)).toList()))
                .filter(HomeDifference::isOne)
                .filter(difference -> difference.part() != Part.PROPERTY_TAX || !followsThePrice(options))
                .toList();
    }

    private static Optional<Money> amount(Part part, OptionEvaluation option) {
        return part == Part.PRICE
                ? option.option().financing().price()
                : Optional.of(COSTS.get(part).apply(option.monthlyCost().first()));
    }

    /** Where one option has no price, that alone is no other home. */
    private boolean isOne() {
        Set<Money> different = new HashSet<>();
        amounts.forEach(amount -> amount.ifPresent(different::add));
        return different.size() > 1;
    }

    private static boolean followsThePrice(List<OptionEvaluation> options) {
        return options.stream()
                                .map(option -> option.option().housing().propertyTax())
                                .distinct()
                                .count()
                        == 1
                && options.stream()
                        .allMatch(option -> option.option().financing().price().isPresent());
    }
}
