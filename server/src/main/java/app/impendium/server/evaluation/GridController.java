package app.impendium.server.evaluation;

import app.impendium.core.alternative.OptionGrid;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.problem.Calculates;
import app.impendium.server.problem.FindingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lays out what an option would come to at other rates, and over other terms or with other shares down. */
@Calculates
@RestController
class GridController {

    /** What lies across the rates. */
    enum Across {
        TERM {
            @Override
            List<List<OptionGrid.Cell>> of(OptionGrid grid) {
                return grid.byTerm();
            }
        },
        DOWN_PAYMENT {
            @Override
            List<List<OptionGrid.Cell>> of(OptionGrid grid) {
                return grid.byDownPayment();
            }
        };

        abstract List<List<OptionGrid.Cell>> of(OptionGrid grid);
    }

    /**
     * One place of a grid, in whole cents. Amounts are absent where the option has no figures there.
     *
     * @param across months of the term, or percent down
     * @param costCents all-in cost for as long as the case keeps the loan
     * @param because why there are no figures; empty where there are
     */
    record GridCellView(
            BigDecimal ratePercent,
            BigDecimal across,
            @Schema(nullable = true) Long paymentCents,
            @Schema(nullable = true) Long totalInterestCents,
            @Schema(nullable = true) Long costCents,
            List<FindingView> because) {

        static GridCellView of(OptionGrid.Cell cell) {
            return new GridCellView(
                    cell.rate().percent().value(),
                    OptionView.digits(cell.across()),
                    cell.figures().map(figures -> figures.payment().cents()).orElse(null),
                    cell.figures()
                            .map(figures -> figures.totalInterest().cents())
                            .orElse(null),
                    cell.figures().map(figures -> figures.cost().cents()).orElse(null),
                    cell.because().stream().map(FindingView::of).toList());
        }
    }

    /** Rates from the lowest to the highest, each a row; no rows where there is nothing to lay out. Options are counted from 0. */
    @PostMapping("/api/grids/{option}")
    List<List<GridCellView>> grid(
            @PathVariable int option, @RequestParam Across across, @RequestBody CaseDocument document) {
        return DocumentEvaluator.ofOption(
                document,
                option,
                figures -> across.of(new OptionGrid(figures.option(), figures.assumptions())).stream()
                        .map(row -> row.stream().map(GridCellView::of).toList())
                        .toList());
    }
}
