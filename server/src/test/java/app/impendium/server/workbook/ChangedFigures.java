package app.impendium.server.workbook;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.Titles;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.CellValue;
import org.apache.poi.ss.usermodel.Name;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** The figures of a workbook of which an input was changed, beside those that the case then has. */
final class ChangedFigures {
    private static final double NOTHING = 0.000_001;
    private static final int LINES = 12;

    private ChangedFigures() {}

    static XSSFWorkbook workbook(CaseDocument document, Optional<LimitSetDocument> limits) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CaseWorkbook.write(document, Titles.of(document, List.of()), limits, "Ostrander & Pell", out);
        return new XSSFWorkbook(new ByteArrayInputStream(out.toByteArray()));
    }

    /** What cells are called, by where they stand. */
    static Map<String, String> names(XSSFWorkbook workbook) {
        return workbook.getAllNames().stream().collect(Collectors.toMap(Name::getRefersToFormula, Name::getNameName));
    }

    static String place(Cell cell) {
        return "'" + cell.getSheet().getSheetName() + "'!$" + CellReference.convertNumToColString(cell.getColumnIndex())
                + "$" + (cell.getRowIndex() + 1);
    }

    /** The formulas of every sheet but those that ask whether something was changed, of a schedule every twelfth line. */
    static List<Cell> of(XSSFWorkbook workbook) {
        Map<String, String> names = names(workbook);
        List<Cell> cells = new ArrayList<>();
        for (Sheet sheet : workbook) {
            int every = sheet.getSheetName().startsWith("Schedule") ? LINES : 1;
            for (Row row : sheet) {
                for (Cell cell : row) {
                    boolean isCompared = row.getRowNum() % every == 0 && cell.getCellType() == CellType.FORMULA;
                    if (isCompared && !names.getOrDefault(place(cell), "").startsWith("AS_SENT")) {
                        cells.add(cell);
                    }
                }
            }
        }
        return cells;
    }

    /** Figures that are neither blank nor those of the case with that change, told at most four times. */
    static List<String> wrong(
            InputChange change, XSSFWorkbook workbook, Function<Cell, CellValue> value, XSSFWorkbook expected) {
        Map<String, String> names = names(workbook);
        return of(workbook).stream()
                .flatMap(cell -> sameIn(expected, cell, names.get(place(cell))).stream()
                        .filter(other -> !isSame(value.apply(cell), other))
                        .map(other -> change + ": " + place(cell) + " is "
                                + value.apply(cell).formatAsString() + " instead of " + other.getNumericCellValue()))
                .limit(4)
                .toList();
    }

    private static boolean isSame(CellValue value, Cell other) {
        if (value.getCellType() == CellType.STRING) {
            return value.getStringValue().isEmpty();
        }
        return value.getCellType() == CellType.NUMERIC
                && Math.abs(value.getNumberValue() - other.getNumericCellValue()) < NOTHING;
    }

    /** The cell of the same name, or at the same place where it has none; none where there is no such figure. */
    private static Optional<Cell> sameIn(XSSFWorkbook expected, Cell cell, String name) {
        CellReference at = null;
        if (name != null) {
            Name same = expected.getName(name);
            at = same == null ? null : new CellReference(same.getRefersToFormula());
        } else {
            at = new CellReference(
                    cell.getSheet().getSheetName(), cell.getRowIndex(), cell.getColumnIndex(), true, true);
        }
        Sheet sheet = at == null ? null : expected.getSheet(at.getSheetName());
        Row row = sheet == null ? null : sheet.getRow(at.getRow());
        return Optional.ofNullable(row == null ? null : row.getCell(at.getCol()));
    }
}
