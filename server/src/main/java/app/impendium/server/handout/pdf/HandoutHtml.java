package app.impendium.server.handout.pdf;

import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.ChartBlock;
import app.impendium.server.handout.content.FactsBlock;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.handout.content.HandoutContent.Paper;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.NoteBlock;
import app.impendium.server.handout.content.SentenceBlock;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TextBlock;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A hand-out as the page that is set on paper. */
final class HandoutHtml {
    private static final int MOST_ROWS_TOGETHER = 14;

    private final HandoutContent content;

    private HandoutHtml(HandoutContent content) {
        this.content = content;
    }

    /** @param css how it is set */
    static String of(HandoutContent content, String css) {
        return new HandoutHtml(content).page(css);
    }

    private String page(String css) {
        String size = content.paper() == Paper.LETTER ? "letter" : "A4";
        return "<!DOCTYPE html><html lang=\"" + Xml.text(content.language()) + "\"><head><title>"
                + Xml.text(content.title()) + "</title><meta name=\"author\" content=\""
                + Xml.text(content.letterhead().name()) + "\"/><bookmarks>" + bookmarks()
                + "</bookmarks><style>@page{size:"
                + size + "}" + css + "</style></head><body>" + foot() + letterhead(content.letterhead()) + title()
                + paragraphs("greeting", content.greeting())
                + sections()
                + paragraphs("closing", content.closing()) + paragraphs("disclaimer", content.disclaimer())
                + (content.appendix().isEmpty() ? "" : appendix())
                + "</body></html>";
    }

    private String appendix() {
        int before = content.sections().size();
        return "<div class=\"appendix\">"
                + IntStream.range(0, content.appendix().size())
                        .mapToObj(i -> section(content.appendix().get(i), before + i, HandoutHtml::inTwoColumns))
                        .collect(Collectors.joining())
                + "</div>";
    }

    /** Each table with what is said below it, two beside one another. */
    private static String inTwoColumns(List<Block> blocks) {
        List<String> halves = new ArrayList<>();
        StringBuilder half = new StringBuilder();
        for (Block block : blocks) {
            if (block instanceof TableBlock && !half.isEmpty()) {
                halves.add(half.toString());
                half.setLength(0);
            }
            half.append(block(block));
        }
        halves.add(half.toString());
        StringBuilder pairs = new StringBuilder("<table class=\"pairs\">");
        for (int i = 0; i < halves.size(); i += 2) {
            String other = i + 1 < halves.size() ? halves.get(i + 1) : "";
            pairs.append("<tr><td>" + halves.get(i) + "</td><td>" + other + "</td></tr>");
        }
        return pairs.append("</table>").toString();
    }

    private String bookmarks() {
        List<SectionContent> all = Stream.concat(content.sections().stream(), content.appendix().stream())
                .toList();
        return IntStream.range(0, all.size())
                .mapToObj(i -> "<bookmark name=\"" + Xml.text(all.get(i).heading()) + "\" href=\"#s" + i + "\"/>")
                .collect(Collectors.joining());
    }

    private String foot() {
        return "<div class=\"foot\">" + Xml.text(content.letterhead().name() + " · " + content.title() + " · " + day())
                + "<span class=\"page\"></span></div>";
    }

    private static String letterhead(LetterheadContent letterhead) {
        String logo = letterhead.logo() == null
                ? ""
                : "<img class=\"logo\" src=\"" + Xml.text(letterhead.logo()) + "\" alt=\"" + Xml.text(letterhead.name())
                        + "\"/>";
        return "<div class=\"letterhead\">" + logo + "<p class=\"practice\">" + Xml.text(letterhead.name()) + "</p>"
                + lines("address", letterhead.address()) + "</div>";
    }

    private String title() {
        String whom = content.preparedFor().isEmpty() ? "" : "For " + content.preparedFor() + " · ";
        return "<h1>" + Xml.text(content.title()) + "</h1><p class=\"whom\">" + Xml.text(whom + day()) + "</p>";
    }

    private String day() {
        return DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG)
                .withLocale(Locale.forLanguageTag(content.language()))
                .format(content.day());
    }

    private String sections() {
        return IntStream.range(0, content.sections().size())
                .mapToObj(i -> section(content.sections().get(i), i, HandoutHtml::inOneColumn))
                .collect(Collectors.joining());
    }

    private static String inOneColumn(List<Block> blocks) {
        return blocks.stream().map(HandoutHtml::block).collect(Collectors.joining());
    }

    private static String section(SectionContent section, int place, Function<List<Block>, String> set) {
        return "<section><h2 id=\"s" + place + "\">" + Xml.text(section.heading()) + "</h2>"
                + set.apply(section.blocks()) + "</section>";
    }

    private static String block(Block block) {
        if (block instanceof SentenceBlock sentence) {
            return "<p class=\"sentence\">" + Xml.text(sentence.text()) + "</p>";
        }
        if (block instanceof TextBlock text) {
            return paragraphs("text", text.text());
        }
        if (block instanceof NoteBlock note) {
            return "<p class=\"note\">" + Xml.text(note.text()) + "</p>";
        }
        if (block instanceof FactsBlock facts) {
            return facts(facts);
        }
        return block instanceof TableBlock table ? table(table) : chart((ChartBlock) block);
    }

    private static String facts(FactsBlock facts) {
        return "<table class=\"facts\">"
                + facts.facts().stream()
                        .map(fact -> "<tr><th scope=\"row\">" + Xml.text(fact.label()) + "</th><td class=\"figure\">"
                                + Xml.text(fact.value()) + "</td><td class=\"beside\">" + Xml.text(fact.note())
                                + "</td></tr>")
                        .collect(Collectors.joining())
                + "</table>";
    }

    private static String table(TableBlock table) {
        boolean hasHead =
                table.head().stream().anyMatch(column -> !column.words().isEmpty());
        String head = hasHead
                ? "<thead><tr>"
                        + table.head().stream()
                                .map(column -> "<th scope=\"col\"" + figures(column.isFigures()) + ">"
                                        + Xml.text(column.words()) + "</th>")
                                .collect(Collectors.joining())
                        + "</tr></thead>"
                : "";
        return "<table class=\"" + shape(table) + "\"><caption>" + Xml.text(table.caption()) + "</caption>" + head
                + "<tbody>"
                + table.rows().stream().map(row -> row(table, row)).collect(Collectors.joining())
                + "</tbody></table>";
    }

    /** A short table stays on one page, and one of two columns is no wider than it can be read across. */
    private static String shape(TableBlock table) {
        String shape = table.rows().size() <= MOST_ROWS_TOGETHER ? "rows short" : "rows";
        return table.head().size() == 2 ? shape + " narrow" : shape;
    }

    private static String row(TableBlock table, TableBlock.RowContent row) {
        List<String> cells = row.cells();
        return "<tr" + (row.isTotal() ? " class=\"total\"" : "") + ">"
                + IntStream.range(0, cells.size())
                        .mapToObj(i -> i == 0
                                ? "<th scope=\"row\">" + Xml.text(cells.get(0)) + "</th>"
                                : "<td" + figures(table.head().get(i).isFigures()) + ">" + Xml.text(cells.get(i))
                                        + "</td>")
                        .collect(Collectors.joining())
                + "</tr>";
    }

    private static String figures(boolean isFigures) {
        return isFigures ? " class=\"figure\"" : "";
    }

    private static String chart(ChartBlock chart) {
        return "<div class=\"chart\"><h3>" + Xml.text(chart.caption()) + "</h3>"
                + Svg.of(chart)
                        .replaceFirst(
                                "<svg ",
                                "<svg alt=\"" + Xml.text(chart.description()).replace("$", "\\$") + "\" ")
                + "</div>";
    }

    private static String paragraphs(String kind, String text) {
        return text.lines()
                .filter(line -> !line.isBlank())
                .map(line -> "<p class=\"" + kind + "\">" + Xml.text(line) + "</p>")
                .collect(Collectors.joining());
    }

    private static String lines(String kind, String text) {
        return text.isBlank()
                ? ""
                : "<p class=\"" + kind + "\">"
                        + text.lines().map(Xml::text).collect(Collectors.joining("<br/>"))
                        + "</p>";
    }
}
