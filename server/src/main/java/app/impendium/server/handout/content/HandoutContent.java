package app.impendium.server.handout.content;

import app.impendium.server.document.Market;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;

/**
 * A hand-out as it was composed. It stands for itself: made into a document again, it says the same.
 *
 * @param format the version of this format: 1
 * @param language the language and region it is written in, such as en-GB
 * @param paper what it is printed on
 * @param title what the case is called
 * @param preparedFor who it is for; empty where nobody is named
 * @param day when it was composed
 * @param greeting what it begins with; empty for nothing
 * @param closing what it ends with; empty for nothing
 * @param disclaimer what the practice says below every hand-out; empty for nothing
 * @param appendix what follows all of that, set small: how figures are calculated
 */
public record HandoutContent(
        Integer format,
        String language,
        Paper paper,
        LetterheadContent letterhead,
        String title,
        String preparedFor,
        LocalDate day,
        String greeting,
        List<SectionContent> sections,
        String closing,
        String disclaimer,
        List<SectionContent> appendix) {
    /** One of an earlier day has none. */
    public HandoutContent {
        appendix = appendix == null ? List.of() : appendix;
    }

    /** The version written today. */
    public static final int FORMAT = 1;

    /** What hand-outs are printed on. */
    public enum Paper {
        A4,
        LETTER;

        /** What is usual in a market. */
        public static Paper of(Market market) {
            return market == Market.US || market == Market.CA ? LETTER : A4;
        }
    }

    /**
     * Who hands it out.
     *
     * @param name the practice's
     * @param address in lines; empty for none
     * @param logo an image as a data address; absent for none
     */
    public record LetterheadContent(
            String name,
            String address,
            @Schema(nullable = true) String logo) {}

    /** A part of it under a heading. */
    public record SectionContent(String heading, List<Block> blocks) {}
}
