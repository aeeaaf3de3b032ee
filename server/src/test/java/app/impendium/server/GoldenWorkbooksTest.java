package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.FormulaEvaluator;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The workbooks of the exact cases: what their formulas come to is what is expected, and follows another rate. */
class GoldenWorkbooksTest {
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final BigDecimal HIGHER = new BigDecimal("0.375");
    private static final int OPENING_ROW = 2;
    private static final int INTEREST = 4;
    private static final int BALANCE = 9;

    @ParameterizedTest
    @MethodSource("loans")
    void formulasComeToTheExpectedFigures(GoldenCase golden) throws IOException {
        ObjectNode document = Documents.loanAlone(golden.input());
        try (XSSFWorkbook workbook = workbook(document)) {
            assertThatFormulasComeToWhatTheyCarry(workbook);
            if (golden.expect().has("payment")) {
                assertThat(cents(named(workbook, "PAYMENT_1")))
                        .isEqualTo(GoldenCases.cents(golden.expect().get("payment")));
            }
            for (JsonNode row : golden.expect().path("rows")) {
                assertThat(cents(line(workbook, row.get("number").asInt()).getCell(BALANCE)))
                        .isEqualTo(GoldenCases.cents(row.get("balance")));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("loans")
    void atAnotherRateTheyComeToTheAnswerForThatRate(GoldenCase golden) throws IOException {
        ObjectNode document = Documents.loanAlone(golden.input());
        BigDecimal rate = Documents.option(document)
                .at("/terms/ratePercent")
                .decimalValue()
                .add(HIGHER);
        ObjectNode changed = document.deepCopy();
        Documents.option(changed).withObject("/terms").put("ratePercent", rate);
        JsonNode schedule = BEA.post("/api/schedules/0", changed.toString()).body();
        try (XSSFWorkbook workbook = workbook(document)) {
            named(workbook, "INTEREST_RATE_1")
                    .setCellValue(rate.movePointLeft(2).doubleValue());
            workbook.getCreationHelper().createFormulaEvaluator().evaluateAll();

            int payments = schedule.at("/balanceCents").size() - 1;
            for (int payment = 1; payment <= payments; payment++) {
                Row line = line(workbook, payment);
                assertThat(cents(line.getCell(INTEREST)))
                        .as("interest of payment " + payment)
                        .isEqualTo(schedule.at("/interestCents").get(payment).asLong());
                assertThat(cents(line.getCell(BALANCE)))
                        .as("balance after payment " + payment)
                        .isEqualTo(schedule.at("/balanceCents").get(payment).asLong());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void formulasOfSeveralOptionsComeToWhatTheyCarry(String name, ObjectNode document) throws IOException {
        try (XSSFWorkbook workbook = workbook(document)) {
            assertThatFormulasComeToWhatTheyCarry(workbook);
        }
    }

    private static void assertThatFormulasComeToWhatTheyCarry(XSSFWorkbook workbook) {
        FormulaEvaluator evaluator = workbook.getCreationHelper().createFormulaEvaluator();
        List<String> wrong = new ArrayList<>();
        int formulas = 0;
        for (Sheet sheet : workbook) {
            for (Row row : sheet) {
                for (Cell cell : row) {
                    if (cell.getCellType() != CellType.FORMULA) {
                        continue;
                    }
                    formulas++;
                    double carried = cell.getNumericCellValue();
                    double computed = evaluator.evaluate(cell).getNumberValue();
                    if (Math.abs(carried - computed) > 0.000_001) {
                        wrong.add(sheet.getSheetName() + "!" + cell.getAddress() + " " + cell.getCellFormula() + ": "
                                + computed + " instead of " + carried);
                    }
                }
            }
        }
        assertThat(wrong.stream().limit(5)).isEmpty();
        assertThat(formulas).isGreaterThan(50);
    }

    private static XSSFWorkbook workbook(ObjectNode document) throws IOException {
        return new XSSFWorkbook(new ByteArrayInputStream(
                BEA.fileOf("/api/workbooks", "{\"document\": " + document + ", \"titles\": []}")));
    }

    private static Row line(XSSFWorkbook workbook, int payment) {
        return workbook.getSheet("Schedule 1").getRow(OPENING_ROW + payment);
    }

    private static Cell named(XSSFWorkbook workbook, String name) {
        CellReference at = new CellReference(workbook.getName(name).getRefersToFormula());
        return workbook.getSheet(at.getSheetName()).getRow(at.getRow()).getCell(at.getCol());
    }

    private static long cents(Cell cell) {
        double cents = cell.getNumericCellValue() * 100;
        assertThat(cents).isCloseTo(Math.rint(cents), within(0.001));
        return Math.round(cents);
    }

    static Stream<GoldenCase> loans() {
        return Stream.of("payment", "schedule", "ties", "accelerated").flatMap(GoldenCases::of);
    }

    static Stream<Object[]> cases() {
        return Stream.of(
                        GoldenCases.of("options").map(each -> of(each, GoldenDocuments.ofOptions(each.input()))),
                        GoldenCases.of("worth").map(each -> of(each, GoldenDocuments.ofOptions(each.input()))),
                        GoldenCases.of("refinance").map(each -> of(each, GoldenDocuments.ofRefinancing(each.input()))),
                        GoldenCases.of("compare").map(each -> of(each, GoldenDocuments.ofAlternative(each.input()))),
                        GoldenCases.of("renewal")
                                .map(each -> of(each, GoldenDocuments.ofRenewal(each.input(), each.expect()))))
                .flatMap(each -> each);
    }

    private static Object[] of(GoldenCase golden, ObjectNode document) {
        return new Object[] {golden.name(), document};
    }
}
