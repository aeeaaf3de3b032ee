package app.impendium.server.words;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.CurrencyCode;
import app.impendium.server.document.Market;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Locale;

/** How a case's market writes amounts, rates and days. What is shown is exact: nothing is rounded to be shown. */
public final class Writing {
    /** A figure and its sign never stand on two lines. */
    private static final String NO_BREAK = "\u00a0";

    private static final int CENT_DECIMALS = 2;
    private static final int MONTHS_PER_YEAR = 12;

    private final MarketWords words;
    private final Locale locale;
    private final CurrencyCode currency;

    private Writing(MarketWords words, Locale locale, CurrencyCode currency) {
        this.words = words;
        this.locale = locale;
        this.currency = currency;
    }

    /** As a case's market writes, or as is usual where its currency is, if the case names no market. */
    public static Writing of(CaseDocument document) {
        MarketWords words = MarketWords.of(Market.of(document));
        String locale = document.market() == null ? localeOf(document.currency()) : words.locale();
        return new Writing(words, Locale.forLanguageTag(locale), document.currency());
    }

    /** What the market calls things. */
    public MarketWords words() {
        return words;
    }

    /** The language and region that figures are written in, such as en-GB. */
    public String languageTag() {
        return locale.toLanguageTag();
    }

    /** With two decimals always: 3,026.07. */
    public String amount(long cents) {
        return (cents < 0 ? "−" : "") + plain("#,##0.00", decimal(Math.abs(cents)));
    }

    /** With the currency's sign: $3,026.07. */
    public String money(long cents) {
        String digits = plain("#,##0.00", decimal(Math.abs(cents)));
        return (cents < 0 ? "−" : "") + sign(currency) + digits;
    }

    /** As a person writes it: 468,500, and 468,500.50 only where there are cents. */
    public String entry(long cents) {
        return cents % 100 == 0 ? plain("#,##0", decimal(cents)) : amount(cents);
    }

    /** With its sign: +22,757.04. */
    public String difference(long cents) {
        return (cents > 0 ? "+" : "") + amount(cents);
    }

    /** A rate or share, every digit that it was given with: 6.125 %. */
    public String percent(BigDecimal percent) {
        return number(percent) + NO_BREAK + "%";
    }

    /** A computed share, to so many decimals: 83.00 %. */
    public String ratio(BigDecimal percent, int decimals) {
        BigDecimal rounded = percent.setScale(decimals, RoundingMode.HALF_UP);
        return plain("#,##0." + "0".repeat(decimals), rounded) + NO_BREAK + "%";
    }

    /** A number with all its digits: 1.0425. */
    public String number(BigDecimal number) {
        BigDecimal stripped = number.stripTrailingZeros();
        String digits = plain("#,##0." + "#".repeat(Math.max(1, stripped.scale())), stripped.abs());
        return (stripped.signum() < 0 ? "−" : "") + digits;
    }

    /** The day, written out: 1 March 2027, or March 1, 2027 where that is usual. */
    public String day(LocalDate day) {
        return DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG)
                .withLocale(locale)
                .format(day);
    }

    /** Month and year: Feb 2057. */
    public String month(LocalDate day) {
        return DateTimeFormatter.ofPattern("MMM yyyy", locale).format(day);
    }

    /** A term: 27 years 6 months. */
    public String term(int months) {
        int years = months / MONTHS_PER_YEAR;
        int rest = months % MONTHS_PER_YEAR;
        String inMonths = rest > 0 || years == 0 ? count(rest, "month") : "";
        return years == 0 ? inMonths : (count(years, "year") + " " + inMonths).strip();
    }

    /** A number of things: 1 year, 3 years. */
    public static String count(int number, String unit) {
        return number + " " + unit + (number == 1 ? "" : "s");
    }

    private static String plain(String pattern, BigDecimal number) {
        return new DecimalFormat(pattern, DecimalFormatSymbols.getInstance(Locale.US)).format(number);
    }

    private static BigDecimal decimal(long cents) {
        return BigDecimal.valueOf(cents, CENT_DECIMALS);
    }

    private static String sign(CurrencyCode currency) {
        return switch (currency) {
            case USD, CAD, AUD, NZD -> "$";
            case GBP -> "£";
            case EUR -> "€";
            case CHF -> "CHF" + NO_BREAK;
        };
    }

    private static String localeOf(CurrencyCode currency) {
        return switch (currency) {
            case USD -> "en-US";
            case CAD -> "en-CA";
            case GBP -> "en-GB";
            case AUD -> "en-AU";
            case NZD -> "en-NZ";
            case EUR -> "en-IE";
            case CHF -> "en-CH";
        };
    }
}
