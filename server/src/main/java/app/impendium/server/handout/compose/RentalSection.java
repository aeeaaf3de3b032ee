package app.impendium.server.handout.compose;

import app.impendium.server.document.Convention.Cover;
import app.impendium.server.document.LettingDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.LendingView;
import app.impendium.server.evaluation.LetHomeView;
import app.impendium.server.evaluation.LettingTestView;
import app.impendium.server.evaluation.OwnerView;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.FactsBlock;
import app.impendium.server.handout.content.FactsBlock.FactContent;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.SentenceBlock;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import app.impendium.server.handout.content.TextBlock;
import app.impendium.server.words.Writing;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Whether the rent of a let home carries its loan, and what letting leaves its owner. */
final class RentalSection {
    private RentalSection() {}

    static SectionContent of(ToldCase told) {
        LettingDocument letting = told.document().letting();
        LetHomeView view = told.letting();
        List<Block> blocks = new ArrayList<>();
        blocks.add(new SentenceBlock(answer(told, letting, view.test())));
        blocks.add(outgoings(told, view));
        if (view.test() != null && told.isFull()) {
            blocks.add(lends(told, view.test()));
        }
        blocks.add(owner(told.writing(), view.owner()));
        blocks.add(new TextBlock("The owner’s own figures stand beside any lender’s test."));
        told.programme().ifPresent(programme -> blocks.add(source(told.writing(), programme)));
        return new SectionContent("Letting the home", blocks);
    }

    private static String answer(ToldCase told, LettingDocument letting, LettingTestView test) {
        Writing writing = told.writing();
        String let = "Let " + LettingWords.let(letting, writing).substring("let ".length());
        if (test == null) {
            return let + ".";
        }
        String covers = test.cover() == null
                ? "there is nothing to cover"
                : test.coverUnit() == Cover.INTEREST
                        ? "the rent is " + LettingWords.cover(test.cover(), test.coverUnit()) + " of the interest at "
                                + writing.percent(test.testedRatePercent())
                        : "the rent covers what goes out " + LettingWords.cover(test.cover(), test.coverUnit());
        String name = told.programme().map(ProgrammeDocument::name).orElse("");
        return let + ", " + covers + "; " + name + " " + lent(writing, test) + ".";
    }

    private static String lent(Writing writing, LettingTestView test) {
        LendingView lending = test.lending();
        if (lending.loanCents() == null) {
            return "lends nothing on it";
        }
        String most =
                "lends up to " + writing.entry(lending.loanCents()) + " at " + writing.percent(lending.ratePercent());
        return most + (test.lentAt() == null ? ", not this loan" : ", enough for this loan");
    }

    private static FactsBlock outgoings(ToldCase told, LetHomeView view) {
        Writing writing = told.writing();
        List<FactContent> facts = new ArrayList<>();
        facts.add(new FactContent(
                "Payment",
                writing.amount(view.loan().paymentCents()),
                view.loan().isInterestOnly() ? "interest only" : ""));
        facts.add(new FactContent(
                told.words().propertyTax(), writing.amount(view.loan().propertyTaxCents()), ""));
        facts.add(new FactContent("Home insurance", writing.amount(view.loan().homeInsuranceCents()), ""));
        facts.add(
                new FactContent(told.words().dues(), writing.amount(view.loan().duesCents()), ""));
        facts.add(new FactContent(
                "What goes out a month", writing.amount(view.loan().totalCents()), ""));
        return new FactsBlock(facts);
    }

    private static TableBlock lends(ToldCase told, LettingTestView test) {
        Writing writing = told.writing();
        return new TableBlock(
                "The most that is lent, by how the home is let and at which rent",
                List.of(
                        new ColumnContent("Let", false),
                        new ColumnContent("Rent", true),
                        new ColumnContent("Loan", true),
                        new ColumnContent("Rate", true)),
                test.table().stream()
                        .flatMap(basis -> basis.cells().stream()
                                .map(cell -> TableBlock.row(List.of(
                                        LettingWords.basis(basis.basis()),
                                        writing.entry(cell.rentCents()),
                                        cell.lending().loanCents() == null
                                                ? "nothing"
                                                : writing.entry(cell.lending().loanCents()),
                                        cell.lending().ratePercent() == null
                                                ? ""
                                                : writing.percent(cell.lending().ratePercent())))))
                        .toList());
    }

    private static FactsBlock owner(Writing writing, OwnerView owner) {
        List<FactContent> facts = new ArrayList<>();
        facts.add(new FactContent("Rent a month", writing.amount(owner.rentCents()), ""));
        facts.add(new FactContent("Lost while empty", writing.amount(owner.vacancyCents()), ""));
        facts.add(new FactContent("Repairs", writing.amount(owner.upkeepCents()), ""));
        facts.add(new FactContent("Management", writing.amount(owner.managementCents()), ""));
        facts.add(new FactContent("Tax, insurance, dues, other", writing.amount(owner.costsCents()), ""));
        facts.add(new FactContent("Loan", writing.amount(owner.loanCents()), ""));
        facts.add(new FactContent("Left a month", writing.amount(owner.cashFlowCents()), ""));
        share("Gross yield", owner.grossYieldPercent(), writing, facts);
        share("Net yield", owner.netYieldPercent(), writing, facts);
        share("First year’s return on the cash put in", owner.firstYearReturnPercent(), writing, facts);
        return new FactsBlock(facts);
    }

    private static void share(String label, BigDecimal percent, Writing writing, List<FactContent> facts) {
        if (percent != null) {
            facts.add(new FactContent(label, writing.ratio(percent, 2), ""));
        }
    }

    private static TextBlock source(Writing writing, ProgrammeDocument programme) {
        return new TextBlock("Programme: " + programme.source() + ", as of " + writing.day(programme.day())
                + ". The lender decides.");
    }
}
