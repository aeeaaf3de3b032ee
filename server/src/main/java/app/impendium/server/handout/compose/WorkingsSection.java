package app.impendium.server.handout.compose;

import app.impendium.server.evaluation.WorkingView;
import app.impendium.server.evaluation.WorkingView.QuantityView;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import app.impendium.server.handout.content.TableBlock.RowContent;
import app.impendium.server.handout.content.TextBlock;
import app.impendium.server.words.Words;
import app.impendium.server.words.Writing;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** How the figures of the loan are calculated: the rule, its numbers, and how they are rounded. */
final class WorkingsSection {
    private static final int MOST_DECIMALS = 12;
    private static final int MOST_DECIMALS_OF_AMOUNT = 6;

    private WorkingsSection() {}

    static SectionContent of(ToldCase told) {
        List<Block> blocks = new ArrayList<>();
        for (WorkingView working : told.workings()) {
            blocks.add(table(working, told.writing()));
            String source = working.source().isEmpty() ? "" : " Source: " + working.source() + ".";
            blocks.add(new TextBlock(working.formula().replace("Σ ", "sum of ")
                    + "\n"
                    + Words.rule(working.rule())
                    + " "
                    + Words.roundingNote(working.rounding())
                    + source));
        }
        return new SectionContent("How the figures are calculated", blocks);
    }

    private static TableBlock table(WorkingView working, Writing writing) {
        List<RowContent> rows = new ArrayList<>();
        working.inputs().forEach(quantity -> rows.add(row(quantity, writing)));
        working.steps().forEach(quantity -> rows.add(row(quantity, writing)));
        rows.add(new RowContent(List.of(Words.figure(working.figure()), written(working.result(), writing)), true));
        return new TableBlock(
                Words.figure(working.figure()),
                List.of(new ColumnContent("", false), new ColumnContent("", true)),
                rows);
    }

    private static RowContent row(QuantityView quantity, Writing writing) {
        return TableBlock.row(List.of(Words.name(quantity.name()), written(quantity, writing)));
    }

    /** A number with all the digits that say something. */
    private static String written(QuantityView quantity, Writing writing) {
        return switch (quantity.unit()) {
            case DAY -> writing.day(LocalDate.parse(quantity.value()));
            case PERCENT -> cut(quantity, MOST_DECIMALS, writing) + "\u00a0%";
            case NUMBER -> cut(quantity, MOST_DECIMALS, writing);
            case AMOUNT -> {
                BigDecimal value = new BigDecimal(quantity.value());
                yield value.stripTrailingZeros().scale() <= 2
                        ? writing.amount(value.movePointRight(2).longValueExact())
                        : cut(quantity, MOST_DECIMALS_OF_AMOUNT, writing);
            }
        };
    }

    private static String cut(QuantityView quantity, int decimals, Writing writing) {
        BigDecimal value = new BigDecimal(quantity.value());
        boolean goesOn = value.stripTrailingZeros().scale() > decimals;
        return goesOn ? writing.number(value.setScale(decimals, RoundingMode.DOWN)) + "…" : writing.number(value);
    }
}
