package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualPercentageRate;
import app.impendium.core.rate.FlowRun;
import app.impendium.core.rate.UnitPeriods;
import app.impendium.server.evaluation.StreamDocument.FlowDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Reads a stream of advances and payments, and computes its annual percentage rate. */
final class StreamReader {
    private static final int MOST_FLOWS = 2600;
    private static final int MOST_A_YEAR = 365;

    private final Findings findings = new Findings();

    private StreamReader() {}

    /**
     * The rate in percent, with nine decimals.
     *
     * @throws CaseException if anything in the document has no meaning, or no rate explains the payments
     */
    static BigDecimal annualPercentageRate(StreamDocument document) {
        StreamReader reader = new StreamReader();
        if (Needed.isThere("unitPeriodsPerYear", document.unitPeriodsPerYear(), reader.findings)) {
            reader.findings.inRange("unitPeriodsPerYear", document.unitPeriodsPerYear(), 1, MOST_A_YEAR);
        }
        List<FlowRun> advances = reader.flows("advances", document.advances());
        List<FlowRun> payments = reader.flows("payments", document.payments());
        reader.findings.throwIfAny();
        return AnnualPercentageRate.of(advances, payments, document.unitPeriodsPerYear());
    }

    private List<FlowRun> flows(String field, List<FlowDocument> given) {
        List<FlowRun> flows = new ArrayList<>();
        List<FlowDocument> all = given == null ? List.of() : given;
        if (!findings.inRange(field, all.size(), 1, MOST_FLOWS)) {
            return flows;
        }
        for (int i = 0; i < all.size(); i++) {
            String path = field + "[" + i + "]";
            FlowDocument flow = all.get(i);
            boolean complete = Needed.isThere(path, flow, findings)
                    && Needed.isThere(path + ".cents", flow.cents(), findings)
                    && Needed.isThere(path + ".wholePeriods", flow.wholePeriods(), findings)
                    && findings.inRange(path + ".wholePeriods", flow.wholePeriods(), 0, MOST_FLOWS);
            if (complete) {
                findings.group(path, () -> flow(flow)).ifPresent(flows::add);
            }
        }
        return flows;
    }

    private static FlowRun flow(FlowDocument given) {
        Money amount = Money.ofCents(given.cents()).within(Money.ofCents(1), Money.LARGEST, Entry.AMOUNT);
        return FlowRun.once(
                amount,
                new UnitPeriods(
                        given.wholePeriods(),
                        given.fraction() == null ? 0 : given.fraction().doubleValue()));
    }
}
