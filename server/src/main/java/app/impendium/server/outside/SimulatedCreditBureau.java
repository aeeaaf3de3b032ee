package app.impendium.server.outside;

import app.impendium.server.document.Convention.DebtKind;
import app.impendium.server.document.DebtDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** A stand-in for a credit bureau: made-up debts that follow from the names alone. */
@Component
class SimulatedCreditBureau implements CreditBureau {
    private static final long CENTS = 100;

    /** How a kind of debt is made up: what it is called, and how its figures vary. */
    private record Made(String name, DebtKind kind, long leastPayment, int paymentsLeft, String ratePercent) {}

    private static final List<Made> KINDS = List.of(
            new Made("car", DebtKind.LOAN, 240, 42, "6.9"),
            new Made("card", DebtKind.CARD, 45, 0, "21.9"),
            new Made("student loan", DebtKind.STUDENT_LOAN, 110, 0, "4.5"),
            new Made("furniture", DebtKind.LOAN, 60, 9, "0"));

    @Override
    public List<DebtDocument> debtsOf(List<String> names) {
        List<DebtDocument> debts = new ArrayList<>();
        for (String name : names) {
            int seed = Math.floorMod(name.strip().toLowerCase(Locale.ROOT).hashCode(), 997);
            // Two or three debts each, beginning anywhere in the list.
            int count = 2 + seed % 2;
            for (int i = 0; i < count; i++) {
                debts.add(debt(KINDS.get((seed + i) % KINDS.size()), seed + 31 * i, debts.size()));
            }
        }
        return debts;
    }

    private static DebtDocument debt(Made made, int seed, int place) {
        long payment = (made.leastPayment() + seed % 90) * CENTS;
        boolean isReported = made.kind() != DebtKind.STUDENT_LOAN || seed % 3 != 0;
        Integer left = made.paymentsLeft() == 0 ? null : Math.max(3, made.paymentsLeft() - seed % 12);
        long owed = left == null ? payment * (24 + seed % 40) : payment * left * 9 / 10;
        return new DebtDocument(
                "report-" + (place + 1),
                made.name(),
                made.kind(),
                owed,
                isReported ? payment : null,
                new BigDecimal(made.ratePercent()),
                left,
                true);
    }
}
