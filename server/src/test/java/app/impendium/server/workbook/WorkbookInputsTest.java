package app.impendium.server.workbook;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.handout.DemoCases;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.CellValue;
import org.apache.poi.ss.usermodel.FormulaEvaluator;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Each input of a workbook, changed, gives what the case gives with that change, or a blank. */
class WorkbookInputsTest {

    /** Cases that have nearly every kind of input between them; ./impendium files looks at all. */
    @ParameterizedTest
    @ValueSource(strings = {"harrow-court", "mill-race", "pinfold-yard", "heron-mews"})
    void eachChangedGivesWhatTheCaseGives(String name) throws IOException {
        List<String> wrong = new ArrayList<>();
        try (XSSFWorkbook workbook =
                ChangedFigures.workbook(DemoCases.read(name), DemoCases.limits(DemoCases.read(name)))) {
            FormulaEvaluator evaluator = workbook.getCreationHelper().createFormulaEvaluator();
            for (InputChange change : InputChange.all(name, workbook)) {
                Cell cell = change.cell(workbook);
                double sent = cell.getNumericCellValue();
                cell.setCellValue(change.value());
                evaluator.clearAllCachedResultValues();
                try (XSSFWorkbook expected = ChangedFigures.workbook(change.document(), change.limits())) {
                    wrong.addAll(ChangedFigures.wrong(change, workbook, evaluator::evaluate, expected));
                }
                if (ChangedFigures.of(workbook).stream().noneMatch(each -> differs(each, evaluator.evaluate(each)))) {
                    wrong.add(change + ": nothing follows");
                }
                cell.setCellValue(sent);
            }
        }
        assertThat(wrong.stream().limit(20)).isEmpty();
    }

    private static boolean differs(Cell sent, CellValue now) {
        return now.getCellType() != CellType.NUMERIC || now.getNumberValue() != sent.getNumericCellValue();
    }
}
