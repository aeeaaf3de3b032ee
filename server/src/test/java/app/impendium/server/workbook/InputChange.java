package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.working.Name;
import app.impendium.server.RunningServer;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.handout.DemoCases;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.usermodel.IndexedColors;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.util.CellAddress;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * An input of a workbook with another value, and the case and limits in which that value was typed.
 *
 * @param what it is called
 */
record InputChange(
        String what,
        String sheet,
        CellAddress at,
        double value,
        CaseDocument document,
        Optional<LimitSetDocument> limits) {
    private static final int LINE = 29;

    Cell cell(XSSFWorkbook workbook) {
        return workbook.getSheet(sheet).getRow(at.getRow()).getCell(at.getColumn());
    }

    @Override
    public String toString() {
        return what + " as " + value;
    }

    /** One change of each input of a case's workbook; of the extras planned line by line, of one line. */
    static List<InputChange> all(String name, XSSFWorkbook workbook) {
        List<InputChange> changes = new ArrayList<>();
        Map<String, String> names = ChangedFigures.names(workbook);
        for (Sheet sheet : workbook) {
            for (Row row : sheet) {
                for (Cell cell : row) {
                    boolean isExtra = sheet.getSheetName().startsWith("Schedule") && cell.getColumnIndex() == 7;
                    boolean isLine = row.getRowNum() == ScheduleColumns.OPENING - 1 + LINE;
                    if (isInput(cell) && (!isExtra || isLine)) {
                        changes.add(of(name, cell, names.get(ChangedFigures.place(cell))));
                    }
                }
            }
        }
        return changes;
    }

    private static boolean isInput(Cell cell) {
        return cell.getCellType() == CellType.NUMERIC
                && cell.getCellStyle().getFillForegroundColor() == IndexedColors.LIGHT_TURQUOISE.getIndex();
    }

    private static InputChange of(String name, Cell cell, String called) {
        String sheet = cell.getSheet().getSheetName();
        String what = called == null ? sheet + "!" + cell.getAddress() : called;
        if (sheet.equals("Options")) {
            return in(name, cell, what, 131, tree -> (tree.withObject("/assumptions")).put("keptMonths", 131));
        }
        if (sheet.equals("Affordability")) {
            return ofAffordability(name, cell, what);
        }
        int place = Integer.parseInt(sheet.replaceAll("\\D", "")) - 1;
        return sheet.startsWith("Schedule")
                ? ofSchedule(name, cell, what, place)
                : ofLoan(name, cell, what, place, Name.valueOf(what.replaceAll("_\\d+$", "")));
    }

    private static InputChange ofLoan(String name, Cell cell, String what, int place, Name input) {
        String option = "/options/" + place;
        double now = cell.getNumericCellValue();
        return switch (input) {
            case PRICE -> cents(name, cell, what, option + "/financing/priceCents", now + 12_345.67);
            case VALUE -> cents(name, cell, what, option + "/financing/valueCents", now + 12_345.67);
            case DOWN_PAYMENT -> cents(name, cell, what, option + "/financing/down/cents", now + 4_321.09);
            case PERCENT_DOWN -> percent(name, cell, what, option + "/financing/down/percent", 1.5);
            case BASE_LOAN -> cents(name, cell, what, option + "/financing/loanCents", now + 12_345.67);
            case BALANCE_PAID_OFF -> cents(name, cell, what, option + "/financing/balanceCents", now + 1_234.56);
            case CASH_OUT -> cents(name, cell, what, option + "/financing/cashOutCents", now + 7_654.32);
            case PREMIUM_PERCENT -> percent(name, cell, what, option + "/closing/upfrontPremium/percent", 0.25);
            case INTEREST_RATE -> percent(name, cell, what, option + "/terms/ratePercent", 0.375);
            case BALANCE_AT_END -> cents(name, cell, what, option + "/features/balloonCents", now + 6_000);
            case PAYMENT -> cents(name, cell, what, option + "/features/paymentCents", now + 50);
            case TAX_PERCENT -> percent(name, cell, what, option + "/housing/propertyTax/percent", 0.11);
            case YEARLY_TAX -> cents(name, cell, what, option + "/housing/propertyTax/cents", now + 123.45);
            case YEARLY_INSURANCE -> cents(name, cell, what, option + "/housing/homeInsuranceCents", now + 123.45);
            case INSURANCE_PERCENT -> percent(name, cell, what, option + "/housing/mortgageInsurancePercent", 0.07);
            case DUES -> cents(name, cell, what, option + "/housing/duesCents", now + 12.34);
            case OTHER -> cents(name, cell, what, option + "/housing/otherCents", now + 12.34);
            case PAYMENTS_AGREED -> shorter(name, cell, what, place);
            default -> atClosing(name, cell, what, option, Kind.valueOf(input.name()));
        };
    }

    /** A year less of it: the number of payments is what the case then makes of it. */
    private static InputChange shorter(String name, Cell cell, String what, int place) {
        InputChange change = in(name, cell, what, 0, tree -> {
            ObjectNode terms = (ObjectNode) tree.at("/options/" + place + "/terms");
            terms.put("amortizationMonths", terms.get("amortizationMonths").asInt() - 12);
        });
        OptionEvaluation figures = new CaseAnswers(change.document()).evaluation(place);
        return change.with(figures.loan().terms().payments());
    }

    private static InputChange atClosing(String name, Cell cell, String what, String option, Kind kind) {
        double value = cell.getNumericCellValue() + 345.67;
        return in(name, cell, what, value, tree -> {
            for (JsonNode item : tree.at(option + "/closing/items")) {
                ObjectNode amount = (ObjectNode) item.get("amount");
                if (item.get("kind").asString().equals(kind.name()) && amount.has("cents")) {
                    amount.put("cents", amount.get("cents").asLong() + 345_67);
                    return;
                }
            }
            throw new AssertionError("no " + kind);
        });
    }

    private static InputChange ofSchedule(String name, Cell cell, String what, int place) {
        int line = cell.getRowIndex() - ScheduleColumns.OPENING + 1;
        String option = "/options/" + place;
        return switch ((char) ('A' + cell.getColumnIndex())) {
            case ScheduleColumns.DAY -> {
                LocalDate day = cell.getLocalDateTimeCellValue().toLocalDate().plusDays(11);
                yield in(
                        name,
                        cell,
                        what,
                        DateUtil.getExcelDate(day),
                        tree -> ((ObjectNode) tree.at(option + "/terms")).put("firstPayment", day.toString()));
            }
            case ScheduleColumns.PLANNED_EXTRA -> {
                LocalDate day = new CaseAnswers(DemoCases.read(name))
                        .evaluation(place)
                        .loan()
                        .dates()
                        .of(line);
                yield in(name, cell, what, cell.getNumericCellValue() + 1_500, tree -> {
                    ObjectNode features = tree.withObject(option + "/features");
                    features.withArray("extras")
                            .addObject()
                            .put("id", "typed")
                            .put("how", "ONCE")
                            .put("cents", 1_500_00)
                            .put("firstDay", day.toString());
                });
            }
            case ScheduleColumns.RATE -> {
                InputChange change = in(name, cell, what, 0, tree -> {
                    ObjectNode first = (ObjectNode) tree.at(option + "/features/rateChanges/0");
                    first.put(
                            "ratePercent",
                            first.get("ratePercent").decimalValue().add(new BigDecimal("0.5")));
                });
                OptionEvaluation figures = new CaseAnswers(change.document()).evaluation(place);
                yield change.with(figures.loan().terms().rateOf(line).value().doubleValue());
            }
            default -> throw new AssertionError("no change known for " + what);
        };
    }

    private static InputChange ofAffordability(String name, Cell cell, String what) {
        String label = cell.getRow().getCell(0).getStringCellValue();
        double now = cell.getNumericCellValue();
        CaseDocument document = DemoCases.read(name);
        for (int i = 0; i < document.household().incomes().size(); i++) {
            String income = "/household/incomes/" + i;
            if (document.household().incomes().get(i).name().equals(label)) {
                return switch (cell.getColumnIndex()) {
                    case 1 -> cents(name, cell, what, income + "/cents", now + 12.5);
                    case 3 ->
                        in(
                                name,
                                cell,
                                what,
                                now + 2,
                                tree -> ((ObjectNode) tree.at(income))
                                        .put("hoursPerWeek", BigDecimal.valueOf(now + 2)));
                    case 4 ->
                        in(
                                name,
                                cell,
                                what,
                                now / 2,
                                tree -> ((ObjectNode) tree.at(income))
                                        .put("countedPercent", BigDecimal.valueOf(now * 50)));
                    default -> throw new AssertionError("no change known for " + what);
                };
            }
        }
        for (int i = 0; i < document.debts().size(); i++) {
            if (document.debts().get(i).name().equals(label)) {
                return cents(name, cell, what, "/debts/" + i + "/paymentCents", now + 33.33);
            }
        }
        return ofLimit(name, cell, what);
    }

    private static InputChange ofLimit(String name, Cell cell, String what) {
        JsonMapper json = RunningServer.bean(JsonMapper.class);
        double value = cell.getNumericCellValue() - 0.17;
        boolean isFront = cell.getRow().getCell(0).getStringCellValue().equals("Housing to income");
        LimitSetDocument limits = DemoCases.limits(DemoCases.read(name)).orElseThrow();
        ObjectNode tree = json.valueToTree(limits);
        for (JsonNode test : tree.get("tests")) {
            boolean isSame = test.get("measure").asString().equals(isFront ? "FRONT_END" : "BACK_END")
                    && Math.abs(test.get("limit").asDouble() - cell.getNumericCellValue() * 100) < 0.001;
            if (isSame) {
                ((ObjectNode) test).put("limit", BigDecimal.valueOf(Math.round(value * 10_000), 2));
                return new InputChange(
                        what,
                        cell.getSheet().getSheetName(),
                        cell.getAddress(),
                        value,
                        DemoCases.read(name),
                        Optional.of(json.treeToValue(tree, LimitSetDocument.class)));
            }
        }
        throw new AssertionError("no test for " + what);
    }

    private static InputChange cents(String name, Cell cell, String what, String pointer, double value) {
        int last = pointer.lastIndexOf('/');
        return in(
                name,
                cell,
                what,
                value,
                tree -> tree.withObject(pointer.substring(0, last))
                        .put(pointer.substring(last + 1), Math.round(value * 100)));
    }

    /** Some percentage points more. */
    private static InputChange percent(String name, Cell cell, String what, String pointer, double more) {
        BigDecimal percent =
                BigDecimal.valueOf(cell.getNumericCellValue()).movePointRight(2).add(BigDecimal.valueOf(more));
        return in(name, cell, what, percent.movePointLeft(2).doubleValue(), tree -> {
            int last = pointer.lastIndexOf('/');
            tree.withObject(pointer.substring(0, last)).put(pointer.substring(last + 1), percent);
        });
    }

    private static InputChange in(String name, Cell cell, String what, double value, Consumer<ObjectNode> change) {
        return new InputChange(
                what,
                cell.getSheet().getSheetName(),
                cell.getAddress(),
                value,
                DemoCases.changed(name, change),
                DemoCases.limits(DemoCases.read(name)));
    }

    private InputChange with(double other) {
        return new InputChange(what, sheet, at, other, document, limits);
    }
}
