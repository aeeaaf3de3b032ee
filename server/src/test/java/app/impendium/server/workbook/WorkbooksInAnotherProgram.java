package app.impendium.server.workbook;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.Titles;
import app.impendium.server.handout.DemoCases;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Has LibreOffice compute the demo cases' workbooks from nothing but their inputs. Run by ./impendium workbooks. */
class WorkbooksInAnotherProgram {
    private static final double NOTHING = 0.000_001;

    @TempDir
    private Path folder;

    @ParameterizedTest
    @MethodSource("app.impendium.server.handout.DemoCases#names")
    void everyFormulaComesToTheSame(String name) throws IOException, InterruptedException {
        Path written = folder.resolve(name + ".xlsx");
        write(DemoCases.read(name), written);
        Map<String, Double> ours = formulas(written);
        forgetFigures(written);

        Map<String, Double> theirs = formulas(computed(written));

        assertThat(theirs.keySet()).isEqualTo(ours.keySet());
        assertThat(ours)
                .allSatisfy((cell, figure) -> assertThat(Math.abs(theirs.get(cell) - figure))
                        .as(cell + " is " + figure + ", computed as " + theirs.get(cell))
                        .isLessThan(NOTHING));
    }

    private static void write(CaseDocument document, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            CaseWorkbook.write(
                    document, Titles.of(document, List.of()), DemoCases.limits(document), "Ostrander & Pell", out);
        }
    }

    /** Leaves the formulas without what they come to, so that whoever opens it must compute it. */
    private static void forgetFigures(Path file) throws IOException {
        try (XSSFWorkbook workbook = open(file)) {
            for (Sheet sheet : workbook) {
                for (Row row : sheet) {
                    for (Cell cell : row) {
                        if (cell.getCellType() == CellType.FORMULA) {
                            ((XSSFCell) cell).getCTCell().unsetV();
                        }
                    }
                }
            }
            try (OutputStream out = Files.newOutputStream(file)) {
                workbook.write(out);
            }
        }
    }

    private Path computed(Path file) throws IOException, InterruptedException {
        Path out = Files.createDirectories(folder.resolve("computed"));
        int failed = new ProcessBuilder(
                        "soffice",
                        "--headless",
                        "-env:UserInstallation=" + folder.resolve("profile").toUri(),
                        "--convert-to",
                        "xlsx",
                        "--outdir",
                        out.toString(),
                        file.toString())
                .inheritIO()
                .start()
                .waitFor();
        assertThat(failed).isZero();
        return out.resolve(file.getFileName());
    }

    private static Map<String, Double> formulas(Path file) throws IOException {
        Map<String, Double> figures = new TreeMap<>();
        try (XSSFWorkbook workbook = open(file)) {
            for (Sheet sheet : workbook) {
                for (Row row : sheet) {
                    for (Cell cell : row) {
                        if (cell.getCellType() == CellType.FORMULA) {
                            figures.put(sheet.getSheetName() + "!" + cell.getAddress(), cell.getNumericCellValue());
                        }
                    }
                }
            }
        }
        return figures;
    }

    private static XSSFWorkbook open(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new XSSFWorkbook(in);
        }
    }
}
