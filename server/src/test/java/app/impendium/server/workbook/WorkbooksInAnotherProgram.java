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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.CellValue;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Has LibreOffice compute the demo cases' workbooks from nothing but their inputs. Run by ./impendium files. */
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
        change(written, workbook -> {});
        compute(List.of(written));

        Map<String, Double> theirs = formulas(computedOf(written));

        assertThat(theirs.keySet()).isEqualTo(ours.keySet());
        assertThat(ours)
                .allSatisfy((cell, figure) -> assertThat(Math.abs(theirs.get(cell) - figure))
                        .as(cell + " is " + figure + ", computed as " + theirs.get(cell))
                        .isLessThan(NOTHING));
    }

    @ParameterizedTest
    @MethodSource("app.impendium.server.handout.DemoCases#names")
    void eachInputChangedGivesWhatTheCaseGives(String name) throws IOException, InterruptedException {
        List<InputChange> changes;
        try (XSSFWorkbook workbook =
                ChangedFigures.workbook(DemoCases.read(name), DemoCases.limits(DemoCases.read(name)))) {
            changes = InputChange.all(name, workbook);
        }
        List<Path> written = new ArrayList<>();
        for (InputChange change : changes) {
            Path file = folder.resolve(name + "-" + written.size() + ".xlsx");
            write(DemoCases.read(name), file);
            change(file, workbook -> change.cell(workbook).setCellValue(change.value()));
            written.add(file);
        }
        compute(written);

        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < changes.size(); i++) {
            InputChange change = changes.get(i);
            try (XSSFWorkbook theirs = open(computedOf(written.get(i)));
                    XSSFWorkbook expected = ChangedFigures.workbook(change.document(), change.limits())) {
                wrong.addAll(ChangedFigures.wrong(change, theirs, WorkbooksInAnotherProgram::valueOf, expected));
            }
        }
        assertThat(wrong.stream().limit(20)).isEmpty();
    }

    /** What a formula came to when it was last computed. */
    private static CellValue valueOf(Cell cell) {
        return cell.getCachedFormulaResultType() == CellType.NUMERIC
                ? new CellValue(cell.getNumericCellValue())
                : new CellValue(cell.getRichStringCellValue().getString());
    }

    private static void write(CaseDocument document, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            CaseWorkbook.write(
                    document, Titles.of(document, List.of()), DemoCases.limits(document), "Ostrander & Pell", out);
        }
    }

    /** Changes it, and leaves the formulas without what they come to, so that whoever opens it must compute it. */
    private static void change(Path file, Consumer<XSSFWorkbook> change) throws IOException {
        try (XSSFWorkbook workbook = open(file)) {
            change.accept(workbook);
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

    private void compute(List<Path> files) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                "soffice",
                "--headless",
                "-env:UserInstallation=" + folder.resolve("profile").toUri(),
                "--convert-to",
                "xlsx",
                "--outdir",
                Files.createDirectories(folder.resolve("computed")).toString()));
        files.forEach(file -> command.add(file.toString()));
        assertThat(new ProcessBuilder(command).inheritIO().start().waitFor()).isZero();
    }

    private Path computedOf(Path file) {
        return folder.resolve("computed").resolve(file.getFileName());
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
