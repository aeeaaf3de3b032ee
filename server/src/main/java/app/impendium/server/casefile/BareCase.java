package app.impendium.server.casefile;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.ClosingDocument;
import app.impendium.server.document.FinancingDocument;
import app.impendium.server.document.HouseholdDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.RefinancingDocument;
import java.util.List;

/** What a case says beside whom it is for: its loans and costs, and how it is handed out. */
final class BareCase {
    private BareCase() {}

    /** The same without clients, their incomes, debts, home and what was concluded for them. */
    static CaseDocument of(CaseDocument document) {
        return new CaseDocument(
                document.format(),
                document.title(),
                "",
                document.market(),
                document.currency(),
                document.assumptions(),
                List.of(),
                HouseholdDocument.NONE,
                null,
                document.letting(),
                null,
                null,
                null,
                null,
                document.handout(),
                document.options().stream().map(BareCase::of).toList());
    }

    private static OptionDocument of(OptionDocument option) {
        ClosingDocument closing = option.closing();
        FinancingDocument financing =
                option.financing().match(purchase -> purchase, loan -> loan, BareCase::withoutDebts);
        return new OptionDocument(
                option.id(),
                option.name(),
                financing,
                option.terms(),
                option.features(),
                new ClosingDocument(null, closing.items(), closing.upfrontPremium(), List.of()),
                option.housing(),
                null);
    }

    private static FinancingDocument withoutDebts(RefinancingDocument loan) {
        return new RefinancingDocument(
                loan.balanceCents(),
                List.of(),
                loan.cashOutCents(),
                loan.costsFinanced(),
                loan.valueCents(),
                loan.valueEstimate());
    }
}
