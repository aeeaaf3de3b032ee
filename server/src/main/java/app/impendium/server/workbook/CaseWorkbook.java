package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ComparisonView;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** Writes a case as a workbook: options, each loan with its schedule, and what it takes of the income. Rows leave memory as they are written. */
public final class CaseWorkbook {
    private static final int ROWS_IN_MEMORY = 100;

    private CaseWorkbook() {}

    /**
     * Writes the workbook.
     *
     * @param titles what the options are called, one for each
     * @param limits what the first option is held against; none for no such sheet
     * @param author whose it is
     * @throws CaseException if no option has figures
     * @throws IOException if it cannot be written
     */
    public static void write(
            CaseDocument document,
            List<String> titles,
            Optional<LimitSetDocument> limits,
            String author,
            OutputStream out)
            throws IOException {
        CaseAnswers answers = new CaseAnswers(document);
        ComparisonView comparison = answers.comparison();
        List<WorkbookOption> options = options(answers, titles, comparison);
        try (SXSSFWorkbook workbook = new SXSSFWorkbook(new XSSFWorkbook(), ROWS_IN_MEMORY, true)) {
            var properties = workbook.getXSSFWorkbook().getProperties().getCoreProperties();
            properties.setCreator(author);
            properties.setTitle(document.title());
            Styles styles = new Styles(workbook);
            new OptionsSheet(new SheetWriter(workbook, styles, "Options"), document, options, comparison).write();
            for (WorkbookOption option : options) {
                SheetWriter loan = new SheetWriter(
                        workbook, styles, "Loan " + option.names().number());
                ScheduleSheet schedule = new ScheduleSheet(
                        new SheetWriter(workbook, styles, option.columns().sheet()),
                        option.figures(),
                        option.names(),
                        option.columns());
                new LoanSheet(loan, option.figures(), option.names(), option.columns(), schedule).write(option.title());
                schedule.write(option.title());
            }
            if (limits.isPresent() && isAboutPeople(document)) {
                WorkbookOption first = options.get(0);
                new AffordabilitySheet(
                                new SheetWriter(workbook, styles, "Affordability"),
                                document,
                                limits.get(),
                                answers.affordability(first.place(), limits.get()),
                                first)
                        .write();
            }
            workbook.setForceFormulaRecalculation(true);
            workbook.write(out);
        }
    }

    private static boolean isAboutPeople(CaseDocument document) {
        return !document.household().incomes().isEmpty() || !document.debts().isEmpty();
    }

    private static List<WorkbookOption> options(CaseAnswers answers, List<String> titles, ComparisonView comparison) {
        return IntStream.range(0, comparison.options().size())
                .filter(place -> comparison.options().get(place).figures() != null)
                .mapToObj(place -> option(place, titles.get(place), answers.evaluation(place)))
                .toList();
    }

    private static WorkbookOption option(int place, String title, OptionEvaluation figures) {
        return new WorkbookOption(
                place,
                title,
                figures,
                new OptionNames(place + 1),
                new ScheduleColumns(
                        "Schedule " + (place + 1), figures.loan().terms().payments()));
    }
}
