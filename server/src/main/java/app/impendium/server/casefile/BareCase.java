package app.impendium.server.casefile;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.ClosingDocument;
import app.impendium.server.document.FinancingDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HouseholdDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.RefinancingDocument;
import java.util.List;
import java.util.function.Function;

/** What a case says beside whom it is for: its loans and costs, and how it is handed out. */
final class BareCase {
    private BareCase() {}

    /** The same without clients, their incomes, debts, home and what was concluded for them. */
    static CaseDocument withoutClients(CaseDocument document) {
        return with(document, handout(document, true), OptionDocument::name);
    }

    /** The same without the words that were written for them, too: what options are called, and what a hand-out says to them. */
    static CaseDocument nobodys(CaseDocument document) {
        return with(document, handout(document, false), option -> null);
    }

    private static CaseDocument with(
            CaseDocument document, HandoutDocument handout, Function<OptionDocument, String> name) {
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
                handout,
                document.options().stream()
                        .map(option -> of(option, name.apply(option)))
                        .toList());
    }

    private static HandoutDocument handout(CaseDocument document, boolean withWords) {
        HandoutDocument says = document.handout();
        return says == null
                ? null
                : new HandoutDocument(
                        null,
                        says.sections(),
                        says.detail(),
                        says.scheduleBy(),
                        says.without(),
                        withWords ? says.greeting() : null,
                        withWords ? says.closing() : null);
    }

    private static OptionDocument of(OptionDocument option, String name) {
        ClosingDocument closing = option.closing();
        FinancingDocument financing =
                option.financing().match(purchase -> purchase, loan -> loan, BareCase::withoutDebts);
        return new OptionDocument(
                option.id(),
                name,
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
