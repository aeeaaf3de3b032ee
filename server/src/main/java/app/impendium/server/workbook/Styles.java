package app.impendium.server.workbook;

import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.FillPatternType;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.IndexedColors;
import org.apache.poi.ss.usermodel.Workbook;

/** How cells look: what is put in, what follows from it, and what is a value that does not follow. */
final class Styles {
    private final Workbook workbook;
    private final CellStyle heading;
    private final CellStyle note;

    Styles(Workbook workbook) {
        this.workbook = workbook;
        Font strong = workbook.createFont();
        strong.setBold(true);
        this.heading = workbook.createCellStyle();
        heading.setFont(strong);
        Font soft = workbook.createFont();
        soft.setColor(IndexedColors.GREY_50_PERCENT.getIndex());
        this.note = workbook.createCellStyle();
        note.setFont(soft);
    }

    /** What a cell holds. */
    enum Kind {
        INPUT,
        FORMULA,
        VALUE
    }

    CellStyle heading() {
        return heading;
    }

    CellStyle note() {
        return note;
    }

    /** @param format as a spreadsheet writes it, such as #,##0.00 */
    CellStyle of(Kind kind, String format) {
        CellStyle style = workbook.createCellStyle();
        style.setDataFormat(workbook.createDataFormat().getFormat(format));
        if (kind != Kind.FORMULA) {
            style.setFillPattern(FillPatternType.SOLID_FOREGROUND);
            style.setFillForegroundColor(
                    (kind == Kind.INPUT ? IndexedColors.LIGHT_TURQUOISE : IndexedColors.GREY_25_PERCENT).getIndex());
        }
        return style;
    }
}
