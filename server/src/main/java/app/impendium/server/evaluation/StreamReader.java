package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualPercentageRate;
import app.impendium.core.rate.AnnualPercentageRate.Flow;
import app.impendium.core.rate.UnitPeriods;
import app.impendium.server.evaluation.StreamDocument.FlowDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Reads a stream of advances and payments, and works out its annual percentage rate. */
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
        if (CaseReader.required("unitPeriodsPerYear", document.unitPeriodsPerYear(), reader.findings)) {
            reader.inRange("unitPeriodsPerYear", document.unitPeriodsPerYear(), 1, MOST_A_YEAR);
        }
        List<Flow> advances = reader.flows("advances", document.advances());
        List<Flow> payments = reader.flows("payments", document.payments());
        reader.findings.throwIfAny();
        return AnnualPercentageRate.of(advances, payments, document.unitPeriodsPerYear());
    }

    private List<Flow> flows(String field, List<FlowDocument> given) {
        List<Flow> flows = new ArrayList<>();
        List<FlowDocument> all = given == null ? List.of() : given;
        if (!inRange(field, all.size(), 1, MOST_FLOWS)) {
            return flows;
        }
        for (int i = 0; i < all.size(); i++) {
            String path = field + "[" + i + "]";
            FlowDocument flow = all.get(i);
            boolean complete = CaseReader.required(path, flow, findings)
                    && CaseReader.required(path + ".cents", flow.cents(), findings)
                    && CaseReader.required(path + ".wholePeriods", flow.wholePeriods(), findings)
                    && inRange(path + ".wholePeriods", flow.wholePeriods(), 0, MOST_FLOWS);
            if (complete) {
                findings.field(path, () -> flow(flow)).ifPresent(flows::add);
            }
        }
        return flows;
    }

    private static Flow flow(FlowDocument given) {
        Money amount = Money.ofCents(given.cents()).within(Money.ofCents(1), Money.LARGEST, "cents");
        return new Flow(
                amount,
                new UnitPeriods(
                        given.wholePeriods(),
                        given.fraction() == null ? 0 : given.fraction().doubleValue()));
    }

    private boolean inRange(String field, int value, int least, int most) {
        boolean isInRange = value >= least && value <= most;
        if (!isInRange) {
            String allowed = least + " to " + most;
            findings.add(new Finding(
                    field, String.valueOf(value), allowed, value + " is not allowed here, only " + allowed + "."));
        }
        return isInRange;
    }
}
