package app.impendium.server.handout.compose;

import app.impendium.server.document.AmountOrShare;
import app.impendium.server.document.HousingDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.FactsBlock;
import app.impendium.server.handout.content.FactsBlock.FactContent;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.TextBlock;
import app.impendium.server.words.Words;
import app.impendium.server.words.Writing;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** What the figures rest on, and where they come from. */
final class AssumptionsSection {
    private AssumptionsSection() {}

    static SectionContent of(ToldCase told) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new FactsBlock(facts(told)));
        blocks.addAll(Estimates.notes(told));
        blocks.add(new TextBlock(
                "Every amount is computed in whole cents; interest of each payment is rounded to the cent, "
                        + "and the last payment clears what rounding left. Amounts are in "
                        + told.document().currency() + "."));
        return new SectionContent("Assumptions and sources", blocks);
    }

    private static List<FactContent> facts(ToldCase told) {
        Writing writing = told.writing();
        OptionDocument option = told.option();
        HousingDocument housing = option.housing();
        List<FactContent> facts = new ArrayList<>();
        facts.add(fact("Interest compounds", Words.compounding(option.terms().compounding())));
        facts.add(fact("Payments are rounded", Words.rounding(option.terms().rounding())));
        tax(told, housing.propertyTax(), facts);
        if (housing.homeInsuranceCents() != null) {
            facts.add(new FactContent("Home insurance", writing.entry(housing.homeInsuranceCents()), "a year"));
        }
        if (housing.mortgageInsurancePercent() != null) {
            facts.add(new FactContent(
                    told.words().mortgageInsurance(),
                    writing.percent(housing.mortgageInsurancePercent()),
                    "a year while loan-to-value is above 80 %"));
        }
        if (housing.duesCents() != null) {
            facts.add(new FactContent(told.words().dues(), writing.entry(housing.duesCents()), "a month"));
        }
        if (housing.otherCents() != null) {
            facts.add(new FactContent("Other costs of the home", writing.entry(housing.otherCents()), "a month"));
        }
        var assumed = told.document().assumptions();
        share("Change in the home’s value", assumed.homeValuePercent(), "a year", writing, facts);
        share("Discount rate", assumed.discountPercent(), "a year", writing, facts);
        share("Tax relief on interest", assumed.marginalTaxPercent(), "", writing, facts);
        if (assumed.keptMonths() != null) {
            facts.add(fact("The loan is kept for", writing.term(assumed.keptMonths())));
        }
        if (told.document().pricedOn() != null) {
            facts.add(fact("Rates", "from the practice’s rate table"));
        }
        return facts;
    }

    private static void tax(ToldCase told, AmountOrShare tax, List<FactContent> facts) {
        if (tax != null) {
            Writing writing = told.writing();
            facts.add(
                    tax.percent() == null
                            ? new FactContent(told.words().propertyTax(), writing.entry(tax.cents()), "a year")
                            : new FactContent(
                                    told.words().propertyTax(), writing.percent(tax.percent()), "of the price a year"));
        }
    }

    private static void share(String label, BigDecimal percent, String note, Writing writing, List<FactContent> facts) {
        if (percent != null) {
            facts.add(new FactContent(label, writing.percent(percent), note));
        }
    }

    private static FactContent fact(String label, String value) {
        return new FactContent(label, value, "");
    }
}
