package app.impendium.server.outside;

import app.impendium.server.document.Market;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.document.RateTableDocument.AddOnDocument;
import app.impendium.server.document.RateTableDocument.OfferDocument;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** A stand-in for a rate desk: made-up rates that follow from market, term and day alone. They are no lender's. */
@Component
class SimulatedRateDesk implements RateDesk {
    private static final int EIGHTHS = 8;
    private static final int STEPS_BELOW = 5;
    private static final int STEPS_ABOVE = 3;

    /** In thousandths of a point for a step of an eighth: each further one costs more than the one before. */
    private static final int POINTS_A_STEP = 440;

    private static final int POINTS_MORE_EACH = 35;

    @Override
    public RateTableDocument rates(Market market, int termMonths, LocalDate day) {
        int par = parInEighths(market, termMonths, day);
        List<OfferDocument> offers = new ArrayList<>();
        for (int step = -STEPS_BELOW; step <= STEPS_ABOVE; step++) {
            BigDecimal rate = BigDecimal.valueOf(1000L * (par + step) / EIGHTHS, 3);
            int below = Math.abs(step);
            long points = below * POINTS_A_STEP + (long) POINTS_MORE_EACH * below * (below - 1) / 2;
            offers.add(new OfferDocument(
                    "offer-" + (offers.size() + 1),
                    rate.stripTrailingZeros(),
                    BigDecimal.valueOf(step < 0 ? points : -points * 3 / 4, 3).stripTrailingZeros()));
        }
        return new RateTableDocument(
                "Rate desk, " + termMonths / 12 + " years", termMonths, day, true, offers, addOns());
    }

    /** The rate without points: lower for shorter terms, moving a little from day to day. */
    private static int parInEighths(Market market, int termMonths, LocalDate day) {
        int usual = switch (market) {
            case US -> 50;
            case CA -> 37;
            case GB -> 38;
            case AU -> 48;
        };
        int shorter = Math.max(0, (360 - termMonths) / 60);
        int ofDay = Math.floorMod(day.toEpochDay() * 7 + day.getDayOfMonth(), 3) - 1;
        return Math.max(STEPS_BELOW + 1, usual - shorter * 2 + ofDay);
    }

    private static List<AddOnDocument> addOns() {
        return List.of(
                addOn("add-on-1", 60, 75, 0, 699, "0.375"),
                addOn("add-on-2", 75, 80, 0, 739, "0.5"),
                addOn("add-on-3", 80, 97, 0, 719, "0.25"));
    }

    private static AddOnDocument addOn(String id, int above, int upTo, int least, int most, String points) {
        return new AddOnDocument(
                id, BigDecimal.valueOf(above), BigDecimal.valueOf(upTo), least, most, new BigDecimal(points));
    }
}
