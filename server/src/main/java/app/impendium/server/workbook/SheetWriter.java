package app.impendium.server.workbook;

import app.impendium.server.workbook.Styles.Kind;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.DataValidationConstraint;
import org.apache.poi.ss.usermodel.DataValidationHelper;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.ss.util.CellRangeAddressList;

/** Writes a sheet from top to bottom. Each formula carries the figure that it comes to, for those who do not compute it. */
final class SheetWriter {
    static final String AMOUNT = "#,##0.00";
    static final String PERCENT = "0.0000##%";
    static final String NUMBER = "0.######";
    static final String DAY = "yyyy-mm-dd";

    private final Sheet sheet;
    private final Workbook workbook;
    private final Styles styles;
    private final Map<String, CellStyle> made = new HashMap<>();
    private Row row;
    private int rows;

    SheetWriter(Workbook workbook, Styles styles, String name) {
        this.workbook = workbook;
        this.styles = styles;
        this.sheet = workbook.createSheet(name);
        printOnePageWide();
    }

    /** On as many pages as its rows need, each as wide as the sheet. */
    private void printOnePageWide() {
        sheet.setFitToPage(true);
        sheet.getPrintSetup().setFitWidth((short) 1);
        sheet.getPrintSetup().setFitHeight((short) 0);
        sheet.getPrintSetup().setLandscape(true);
    }

    /** Begins the next row; its number as a spreadsheet counts it, from 1. */
    int next() {
        row = sheet.createRow(rows++);
        return rows;
    }

    void width(int column, int characters) {
        sheet.setColumnWidth(column, characters * 256);
    }

    /** Keeps so many rows in sight, and repeats them on each printed page. */
    void freeze(int above) {
        sheet.createFreezePane(0, above);
        sheet.setRepeatingRows(new CellRangeAddress(0, above - 1, -1, -1));
    }

    void heading(int column, String words) {
        text(column, words).setCellStyle(styles.heading());
    }

    void note(int column, String words) {
        text(column, words).setCellStyle(styles.note());
    }

    /** Words as they are, whatever they begin with. */
    Cell text(int column, String words) {
        Cell cell = row.createCell(column);
        cell.setCellValue(words);
        return cell;
    }

    void value(int column, double value, Kind kind, String format) {
        Cell cell = row.createCell(column);
        cell.setCellValue(value);
        cell.setCellStyle(style(kind, format));
    }

    void formula(int column, String formula, double figure, String format) {
        Cell cell = row.createCell(column);
        cell.setCellFormula(formula);
        cell.setCellValue(figure);
        cell.setCellStyle(style(Kind.FORMULA, format));
    }

    /** Gives the cell in a column of the current row a name that formulas can speak of. */
    void name(int column, String name) {
        var named = workbook.createName();
        named.setNameName(name);
        named.setRefersToFormula("'" + sheet.getSheetName() + "'!$" + (char) ('A' + column) + "$" + rows);
    }

    /** Has the cell in a column of the current row take whole numbers from one to another alone. */
    void within(int column, int least, int most) {
        DataValidationHelper helper = sheet.getDataValidationHelper();
        var rule = helper.createIntegerConstraint(
                DataValidationConstraint.OperatorType.BETWEEN, String.valueOf(least), String.valueOf(most));
        sheet.addValidationData(
                helper.createValidation(rule, new CellRangeAddressList(rows - 1, rows - 1, column, column)));
    }

    /** A formula for whether a cell holds what it was sent with. */
    static String isStill(String cell, double sent) {
        return cell + "=" + number(sent);
    }

    /** A formula for a figure that holds while something is true, and is blank from then on. */
    static String whileTrue(String condition, double figure) {
        return "IF(" + condition + "," + number(figure) + ",\"\")";
    }

    private static String number(double value) {
        return BigDecimal.valueOf(value).toPlainString();
    }

    static double amount(long cents) {
        return BigDecimal.valueOf(cents, 2).doubleValue();
    }

    static double day(LocalDate day) {
        return DateUtil.getExcelDate(day);
    }

    private CellStyle style(Kind kind, String format) {
        return made.computeIfAbsent(kind + format, key -> styles.of(kind, format));
    }
}
