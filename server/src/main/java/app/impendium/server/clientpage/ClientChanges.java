package app.impendium.server.clientpage;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.server.document.AssumptionsDocument;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.ExtraDocument;
import app.impendium.server.document.ExtraDocument.How;
import app.impendium.server.document.FeaturesDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.handout.compose.Telling;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * What a client may change on their page, and what it then says. What is absent stays as advised.
 *
 * @param keptMonths how long they keep the loan, from 1 to 600
 * @param ratePercent the annual rate: 6.125 is 6.125 %
 * @param extraCents what they pay beside each payment from the first on, in cents; 0 for nothing
 */
record ClientChanges(
        @Schema(nullable = true) Integer keptMonths,
        @Schema(nullable = true) BigDecimal ratePercent,
        @Schema(nullable = true) Long extraCents) {
    private static final String ID_OF_EXTRA = "client-extra";

    /** As advised. */
    static final ClientChanges NONE = new ClientChanges(null, null, null);

    /** What a telling says of the three. */
    static ClientChanges asAdvised(Telling telling) {
        CaseDocument document = telling.document();
        OptionDocument option = document.options().get(telling.option());
        return new ClientChanges(
                CaseAnswers.keptMonths(document), option.terms().ratePercent(), steadyCents(option));
    }

    /** @throws CaseException with everything that is out of its range, at its field */
    ClientChanges checked() {
        Findings findings = new Findings();
        if (keptMonths != null) {
            findings.field("changes.keptMonths", () -> new LoanTerm(keptMonths));
        }
        if (ratePercent != null) {
            findings.field("changes.ratePercent", () -> AnnualRate.ofPercent(ratePercent));
        }
        if (extraCents != null) {
            findings.inRange("changes.extraCents", extraCents, 0, Money.LARGEST.cents());
        }
        findings.throwIfAny();
        return this;
    }

    /** The telling of the case with these instead. The option that differs says so in its title. */
    Telling in(Telling telling) {
        CaseDocument document = telling.document();
        OptionDocument before = document.options().get(telling.option());
        OptionDocument option = withRate(withExtra(before));
        List<OptionDocument> options = new ArrayList<>(document.options());
        options.set(telling.option(), option);
        List<String> titles = new ArrayList<>(telling.titles());
        if (!option.equals(before)) {
            titles.set(telling.option(), titles.get(telling.option()) + ", changed");
        }
        return telling.with(document.withOptions(options).withAssumptions(kept(document.assumptions())), titles);
    }

    private AssumptionsDocument kept(AssumptionsDocument assumptions) {
        return keptMonths == null ? assumptions : assumptions.withKeptMonths(keptMonths);
    }

    private OptionDocument withRate(OptionDocument option) {
        return ratePercent == null || ratePercent.compareTo(option.terms().ratePercent()) == 0
                ? option
                : option.withTerms(option.terms().withRatePercent(ratePercent));
    }

    private OptionDocument withExtra(OptionDocument option) {
        FeaturesDocument features = option.features();
        if (extraCents == null || extraCents == steadyCents(option)) {
            return option;
        }
        List<ExtraDocument> extras = new ArrayList<>(
                features.extras().stream().filter(extra -> !isSteady(extra)).toList());
        if (extraCents > 0) {
            extras.add(new ExtraDocument(ID_OF_EXTRA, How.EACH_PAYMENT, extraCents, 1, null, null, null));
        }
        return option.withFeatures(features.withExtras(extras));
    }

    /** What goes with every payment, in cents. */
    private static long steadyCents(OptionDocument option) {
        return option.features().extras().stream()
                .filter(ClientChanges::isSteady)
                .mapToLong(ExtraDocument::cents)
                .sum();
    }

    /** Whether an extra payment goes with every payment. */
    private static boolean isSteady(ExtraDocument extra) {
        return extra.how() == How.EACH_PAYMENT
                && Integer.valueOf(1).equals(extra.firstPayment())
                && extra.lastPayment() == null
                && extra.lastDay() == null;
    }
}
