package app.impendium.server.outside;

import app.impendium.server.document.Convention.Dwelling;
import app.impendium.server.document.Convention.LettingBasis;
import app.impendium.server.outside.Estimate.Source;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** A stand-in for tax office, insurer, letting agent and valuer: made-up figures that follow from the home alone. */
@Component
class SimulatedProperty implements TaxOffice, HomeInsurer, LettingAgent, Valuer {
    private static final long CENTS = 100;
    private static final int THOUSAND = 1000;
    private static final int[] DEDUCTIBLES = {500, 1000, 2500, 5000};

    /** What a higher deductible leaves of a premium, in percent. */
    private static final int[] LEFT_OF_PREMIUM = {100, 91, 80, 71};

    private static final Source TAX_OFFICE = new Source("Simulated tax office", true);
    private static final Source INSURER = new Source("Simulated insurer", true);
    private static final Source AGENT = new Source("Simulated letting agent", true);
    private static final Source VALUER = new Source("Simulated valuer", true);

    private static final int TAX = 1;
    private static final int PREMIUM = 2;
    private static final int RENT = 3;
    private static final int VALUE = 4;
    private static final int SPREAD = 5;
    private static final int FOUND = 6;
    private static final int RADIUS = 7;

    @Override
    public Estimate yearlyTax(AskedHome home) {
        SimulatedArea area = SimulatedArea.of(home);
        // From 0.55 % to 1.85 % of the value.
        long tax = value(home, area) / THOUSAND * area.between(55, 185, TAX) / 10;
        return ranged(TAX_OFFICE, tax, 4, "area " + home.area().strip());
    }

    @Override
    public List<Quote> quotes(AskedHome home) {
        SimulatedArea area = SimulatedArea.of(home);
        int dwelling = home.dwelling() == Dwelling.APARTMENT ? 60 : home.dwelling() == Dwelling.ATTACHED ? 85 : 100;
        long full = value(home, area) / THOUSAND * area.between(30, 75, PREMIUM) / 10 * dwelling / 100;
        List<Quote> quotes = new ArrayList<>();
        for (int i = 0; i < DEDUCTIBLES.length; i++) {
            quotes.add(new Quote(
                    DEDUCTIBLES[i] * CENTS,
                    ranged(
                            INSURER,
                            full * LEFT_OF_PREMIUM[i] / 100,
                            9,
                            "deductible " + String.format(Locale.ROOT, "%,d", DEDUCTIBLES[i]))));
        }
        return quotes;
    }

    @Override
    public Estimate monthlyRent(AskedHome home, LettingBasis basis) {
        SimulatedArea area = SimulatedArea.of(home);
        int units = 520
                + area.between(0, 260, RENT)
                + 315 * home.bedrooms()
                + home.baths().multiply(BigDecimal.valueOf(95)).intValue();
        int percent = switch (basis) {
            case LONG -> 100;
            case SHORT -> 165;
            case BY_ROOM -> 120;
        };
        return ranged(
                AGENT,
                units * CENTS * percent / 100,
                area.between(6, 11, SPREAD),
                area.between(9, 64, FOUND) + " lettings within " + area.between(1, 5, RADIUS) + " km, "
                        + home.bedrooms() + " bedrooms");
    }

    @Override
    public Estimate value(AskedHome home) {
        SimulatedArea area = SimulatedArea.of(home);
        return ranged(
                VALUER,
                worth(home, area),
                7,
                area.between(6, 30, FOUND) + " sales in area " + home.area().strip());
    }

    private static long value(AskedHome home, SimulatedArea area) {
        return home.valueCents().orElseGet(() -> worth(home, area));
    }

    private static long worth(AskedHome home, SimulatedArea area) {
        int dwelling = home.dwelling() == Dwelling.APARTMENT ? 78 : home.dwelling() == Dwelling.ATTACHED ? 90 : 100;
        long units = 96_000L
                + area.between(0, 120, VALUE) * 850L
                + 41_000L * home.bedrooms()
                + home.baths().multiply(BigDecimal.valueOf(13_500)).longValue();
        return units * dwelling / 100 * CENTS;
    }

    /** Rounded to whole units, with a range of so many percent to either side. */
    private static Estimate ranged(Source source, long cents, int percent, String about) {
        return new Estimate(
                source,
                units(cents),
                units(cents * (100 - percent) / 100),
                units(cents * (100 + percent) / 100),
                about);
    }

    private static long units(long cents) {
        return (cents + CENTS / 2) / CENTS * CENTS;
    }
}
