package app.impendium.server.handout.compose;

import app.impendium.server.document.EstimateDocument;
import app.impendium.server.evaluation.HousingCostView;
import app.impendium.server.evaluation.InsuranceView;
import app.impendium.server.evaluation.OptionView.HousingPeriodView;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.SentenceBlock;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import app.impendium.server.handout.content.TableBlock.RowContent;
import app.impendium.server.handout.content.TextBlock;
import app.impendium.server.words.Writing;
import java.util.ArrayList;
import java.util.List;

/** What the home costs a month, part by part, now and later. */
final class MonthlyCostSection {
    private MonthlyCostSection() {}

    static SectionContent of(ToldCase told) {
        Writing writing = told.writing();
        HousingCostView first = told.figures().housingCost();
        List<Block> blocks = new ArrayList<>();
        blocks.add(new SentenceBlock("In the first month the home costs " + writing.money(first.totalCents()) + "."));
        blocks.add(parts(told, first));
        InsuranceView insurance = told.figures().insurance();
        if (insurance != null) {
            blocks.add(new TextBlock(told.words().mortgageInsurance() + " can end on request from "
                    + writing.month(insurance.onRequestFrom()) + ", and ends in any case from "
                    + writing.month(insurance.endsFrom()) + "."));
        }
        List<HousingPeriodView> periods = told.figures().housingPeriods();
        if (told.isFull() && periods.size() > 1) {
            blocks.add(MonthChart.of(told));
            blocks.add(later(told, periods));
        }
        blocks.addAll(Estimates.notes(told));
        return new SectionContent("What the home costs a month", blocks);
    }

    private static TableBlock parts(ToldCase told, HousingCostView cost) {
        List<RowContent> rows = new ArrayList<>();
        for (CostPart part : CostPart.values()) {
            long cents = part.of(cost);
            if (cents > 0) {
                String estimated = estimated(told, part);
                String name = part.words(told.words()) + (estimated.isEmpty() ? "" : " (" + estimated + ")");
                rows.add(TableBlock.row(List.of(name, told.writing().amount(cents))));
            }
        }
        rows.add(new RowContent(List.of("A month in all", told.writing().amount(cost.totalCents())), true));
        return new TableBlock(
                "The first month", List.of(new ColumnContent("", false), new ColumnContent("A month", true)), rows);
    }

    private static String estimated(ToldCase told, CostPart part) {
        EstimateDocument estimate = switch (part) {
            case PROPERTY_TAX -> told.option().housing().propertyTaxEstimate();
            case HOME_INSURANCE -> told.option().housing().homeInsuranceEstimate();
            default -> null;
        };
        return Estimates.beside(estimate);
    }

    private static TableBlock later(ToldCase told, List<HousingPeriodView> periods) {
        Writing writing = told.writing();
        return new TableBlock(
                "Later months",
                List.of(
                        new ColumnContent("From", false),
                        new ColumnContent("Principal and interest", true),
                        new ColumnContent(told.words().mortgageInsurance(), true),
                        new ColumnContent("A month in all", true)),
                periods.stream()
                        .map(period -> TableBlock.row(List.of(
                                writing.month(period.from()),
                                writing.amount(period.cost().principalAndInterestCents()),
                                writing.amount(period.cost().mortgageInsuranceCents()),
                                writing.amount(period.cost().totalCents()))))
                        .toList());
    }
}
