package app.impendium.server.handout.pdf;

import app.impendium.server.handout.content.AreaMark;
import app.impendium.server.handout.content.BarMark;
import app.impendium.server.handout.content.ChartBlock;
import app.impendium.server.handout.content.LineMark;
import app.impendium.server.handout.content.Mark;
import app.impendium.server.handout.content.WordsMark;
import java.util.Locale;
import java.util.stream.Collectors;

/** Draws a chart's marks as SVG. */
final class Svg {
    private static final String PAPER_AROUND = " stroke=\"#ffffff\" stroke-width=\"1\"";
    private static final int LETTER_PX = 12;

    private Svg() {}

    static String of(ChartBlock chart) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + chart.width() + "\" height=\"" + chart.height()
                + "\" viewBox=\"0 0 " + chart.width() + " " + chart.height() + "\">"
                + chart.marks().stream().map(Svg::drawn).collect(Collectors.joining())
                + "</svg>";
    }

    private static String drawn(Mark mark) {
        if (mark instanceof BarMark bar) {
            return "<rect x=\"" + px(bar.x()) + "\" y=\"" + px(bar.y()) + "\" width=\"" + px(bar.width())
                    + "\" height=\"" + px(bar.height()) + "\" fill=\"" + Colours.of(bar.fill()) + "\"" + PAPER_AROUND
                    + "/>";
        }
        if (mark instanceof AreaMark area) {
            return "<path d=\"" + Xml.text(area.path()) + "\" fill=\"" + Colours.of(area.fill()) + "\"/>";
        }
        if (mark instanceof LineMark line) {
            String dash = line.dash() == null ? "" : " stroke-dasharray=\"" + Xml.text(line.dash()) + "\"";
            return "<path d=\"" + Xml.text(line.path()) + "\" fill=\"none\" stroke=\"" + Colours.of(line.stroke())
                    + "\"" + dash + " stroke-width=\"" + px(line.thickness()) + "\"/>";
        }
        return words((WordsMark) mark);
    }

    private static String words(WordsMark words) {
        String face = words.weight() > 400 ? "Public Sans Strong" : "Public Sans";
        return "<text x=\"" + px(words.x()) + "\" y=\"" + px(words.y()) + "\" text-anchor=\""
                + words.anchor().name().toLowerCase(Locale.ROOT) + "\" font-family=\"" + face + "\" font-size=\""
                + LETTER_PX
                + "\" fill=\"" + Colours.of(words.colour()) + "\">" + Xml.text(words.words()) + "</text>";
    }

    private static String px(double pixels) {
        return String.format(Locale.ROOT, "%.2f", pixels);
    }
}
