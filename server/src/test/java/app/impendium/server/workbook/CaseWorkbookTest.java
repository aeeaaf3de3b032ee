package app.impendium.server.workbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.loan.Schedule;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ComparisonView;
import app.impendium.server.evaluation.Titles;
import app.impendium.server.handout.DemoCases;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.FormulaEvaluator;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class CaseWorkbookTest {
    private static final double NOTHING = 0.000_001;

    @ParameterizedTest
    @MethodSource("app.impendium.server.handout.DemoCases#names")
    void everyFormulaComesToTheFigureThatItCarries(String name) throws IOException {
        try (XSSFWorkbook workbook = workbook(DemoCases.read(name))) {
            FormulaEvaluator evaluator = workbook.getCreationHelper().createFormulaEvaluator();
            List<String> wrong = new ArrayList<>();
            for (Sheet sheet : workbook) {
                for (Row row : sheet) {
                    for (Cell cell : row) {
                        if (cell.getCellType() == CellType.FORMULA) {
                            double carried = cell.getNumericCellValue();
                            double computed = evaluator.evaluate(cell).getNumberValue();
                            if (Math.abs(carried - computed) > NOTHING) {
                                wrong.add(sheet.getSheetName() + "!" + cell.getAddress() + " " + cell.getCellFormula()
                                        + ": " + computed + " instead of " + carried);
                            }
                        }
                    }
                }
            }
            assertThat(wrong.stream().limit(8)).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "weir-house, 6.125",
        "mill-race, 3.87",
        "harrow-court, 5.9",
        "tollgate-rise, 7.25",
        "sorrel-street, 4.444",
        "cinder-hill, 5.01",
        "quarry-lane, 6.999",
        "chandlers-reach, 8.1"
    })
    void atAnotherRateEverythingFollowsToTheCent(String name, String percent) throws IOException {
        CaseDocument changed = DemoCases.changed(
                name, tree -> ((ObjectNode) tree.at("/options/0/terms")).put("ratePercent", new BigDecimal(percent)));
        try (XSSFWorkbook workbook = workbook(DemoCases.read(name))) {
            named(workbook, "INTEREST_RATE_1").setCellValue(Double.parseDouble(percent) / 100);

            assertThatItSays(workbook, changed);
        }
    }

    @Test
    void atAnotherPriceEverythingFollowsToTheCent() throws IOException {
        CaseDocument changed = DemoCases.changed(
                "quarry-lane", tree -> ((ObjectNode) tree.at("/options/0/financing")).put("priceCents", 501_234_00));
        try (XSSFWorkbook workbook = workbook(DemoCases.read("quarry-lane"))) {
            named(workbook, "PRICE_1").setCellValue(501_234);

            assertThatItSays(workbook, changed);
        }
    }

    @Test
    void keptForLongerTheCostFollows() throws IOException {
        CaseDocument document = DemoCases.read("quarry-lane");
        CaseDocument longer =
                DemoCases.changed("quarry-lane", tree -> ((ObjectNode) tree.at("/assumptions")).put("keptMonths", 131));
        ComparisonView compared = new CaseAnswers(longer).comparison();
        try (XSSFWorkbook workbook = workbook(document)) {
            named(workbook, "KEPT_MONTHS").setCellValue(131);
            workbook.getCreationHelper().createFormulaEvaluator().evaluateAll();

            Row balance = row(workbook.getSheet("Options"), "Balance then");
            for (int place = 0; place < compared.options().size(); place++) {
                assertThat(balance.getCell(place + 1).getNumericCellValue())
                        .isCloseTo(compared.options().get(place).kept().balanceCents() / 100.0, within(NOTHING));
            }
        }
    }

    @Test
    void theLongestLoansHaveEveryLine() throws IOException {
        CaseDocument document = DemoCases.changed("weir-house", tree -> {
            ((ObjectNode) tree.at("/options/0/terms"))
                    .put("frequency", "WEEKLY")
                    .put("amortizationMonths", 600);
            ArrayNode options = (ArrayNode) tree.get("options");
            while (options.size() < 6) {
                options.add(((ObjectNode) options.get(0).deepCopy()).put("id", "long-" + options.size()));
            }
        });
        try (XSSFWorkbook workbook = workbook(document)) {
            Row last = workbook.getSheet("Schedule 6").getRow(ScheduleColumns.OPENING - 1 + 2600);
            assertThat(last.getCell(0).getNumericCellValue()).isEqualTo(2600);
            assertThat(last.getCell(9).getNumericCellValue()).isZero();
        }
    }

    @Test
    void whatIsTypedNeverBecomesAFormula() throws IOException {
        CaseDocument document =
                DemoCases.changed("harrow-court", tree -> ((ObjectNode) tree.at("/debts/0")).put("name", "=1+1"));
        try (XSSFWorkbook workbook = workbook(document)) {
            Row typed = row(workbook.getSheet("Affordability"), "=1+1");
            assertThat(typed.getCell(0).getCellType()).isEqualTo(CellType.STRING);
        }
    }

    @Test
    void tellsOfItselfItsTitleAndWhoseItIsAlone() throws IOException {
        try (XSSFWorkbook workbook = workbook(DemoCases.read("weir-house"))) {
            var properties = workbook.getProperties().getCoreProperties();
            assertThat(properties.getCreator()).isEqualTo("Ostrander & Pell");
            assertThat(properties.getTitle())
                    .isEqualTo(DemoCases.read("weir-house").title());
            assertThat(properties.getLastModifiedByUser()).isNull();
            assertThat(properties.getDescription()).isNull();
        }
    }

    /** That payment, sums and every line of the first option are those of a case. */
    private static void assertThatItSays(XSSFWorkbook workbook, CaseDocument document) {
        workbook.getCreationHelper().createFormulaEvaluator().evaluateAll();
        OptionEvaluation figures = new CaseAnswers(document).evaluation(0);
        Schedule schedule = figures.loan().schedule();
        assertThat(cents(named(workbook, "PAYMENT_1")))
                .isEqualTo(schedule.payment().cents());
        assertThat(cents(named(workbook, "LOAN_1")))
                .isEqualTo(figures.loan().amount().cents());
        assertThat(named(workbook, "PAYMENTS_1").getNumericCellValue()).isEqualTo(schedule.payments());
        assertThat(cents(named(workbook, "TOTAL_INTEREST_1")))
                .isEqualTo(schedule.whole().interest().cents());
        assertThat(cents(named(workbook, "TOTAL_PAID_1")))
                .isEqualTo(schedule.whole().paid().cents());
        assertThat(cents(named(workbook, "LAST_PAYMENT_1")))
                .isEqualTo(schedule.lastPayment().cents());
        assertThat(cents(named(workbook, "HOUSING_COST_1")))
                .isEqualTo(figures.monthlyCost().first().total().cents());
        assertThat(cents(named(workbook, "CASH_TO_CLOSE_1")))
                .isEqualTo(figures.cashToClose().total().cents());
        Sheet lines = workbook.getSheet("Schedule 1");
        for (int line = 1; line <= schedule.payments(); line++) {
            Row row = lines.getRow(ScheduleColumns.OPENING - 1 + line);
            assertThat(cents(row.getCell(4)))
                    .isEqualTo(schedule.line(line).interest().cents());
            assertThat(cents(row.getCell(9))).isEqualTo(schedule.balanceCents(line));
        }
    }

    private static long cents(Cell cell) {
        double cents = cell.getNumericCellValue() * 100;
        assertThat(cents).isCloseTo(Math.rint(cents), within(0.001));
        return Math.round(cents);
    }

    private static Cell named(XSSFWorkbook workbook, String name) {
        CellReference at = new CellReference(workbook.getName(name).getRefersToFormula());
        return workbook.getSheet(at.getSheetName()).getRow(at.getRow()).getCell(at.getCol());
    }

    private static Row row(Sheet sheet, String label) {
        for (Row row : sheet) {
            if (row.getCell(0) != null
                    && row.getCell(0).getCellType() == CellType.STRING
                    && row.getCell(0).getStringCellValue().equals(label)) {
                return row;
            }
        }
        throw new AssertionError("no row " + label);
    }

    private static XSSFWorkbook workbook(CaseDocument document) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CaseWorkbook.write(
                document, Titles.of(document, List.of()), DemoCases.limits(document), "Ostrander & Pell", out);
        return new XSSFWorkbook(new ByteArrayInputStream(out.toByteArray()));
    }
}
