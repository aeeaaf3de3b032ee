package app.impendium.core.afford;

import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What a test allows: a figure, or an amount by region and household size. */
public sealed interface Limit {

    /** The figure for a household; none where its region is none of a table's. */
    Optional<BigDecimal> of(Living living);

    /** The same for everyone, in the unit of what is measured; an amount in units of the currency. */
    record Fixed(BigDecimal value) implements Limit {
        @Override
        public Optional<BigDecimal> of(Living living) {
            return Optional.of(value);
        }
    }

    /** The amounts a month for each household size from one person on, and what each person beyond adds. */
    record Row(String region, List<Money> bySize, Money perFurther) {
        public Row {
            bySize = List.copyOf(bySize);
        }

        private Money of(int people) {
            int further = Math.max(0, people - bySize.size());
            return bySize.get(Math.min(people, bySize.size()) - 1).plus(perFurther.times(further));
        }
    }

    /**
     * By region and household size.
     *
     * @param rows at least one, each region once
     * @param mostPeople more people add nothing
     */
    record ByHousehold(List<Row> rows, int mostPeople) implements Limit {
        public ByHousehold {
            rows = List.copyOf(rows);
        }

        @Override
        public Optional<BigDecimal> of(Living living) {
            return rows.stream()
                    .filter(row -> living.region().filter(row.region()::equals).isPresent())
                    .findFirst()
                    .map(row -> row.of(Math.min(living.people(), mostPeople)).toDecimal());
        }
    }
}
