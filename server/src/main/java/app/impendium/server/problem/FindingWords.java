package app.impendium.server.problem;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Letting;
import app.impendium.core.finding.Field.Limits;
import app.impendium.core.finding.Field.Table;
import app.impendium.core.finding.Finding;
import java.util.List;
import java.util.Map;

/**
 * A finding in English.
 *
 * @param given what was given, as the user would read it
 * @param allowed what is allowed there, as a phrase: "0 % to 30 %"
 * @param message the whole of it as one sentence
 */
record FindingWords(String given, String allowed, String message) {

    static FindingWords of(Finding finding) {
        return new Words(
                        finding.path(),
                        finding.code(),
                        finding.values().stream().map(Written::of).toList())
                .all();
    }

    private static final Map<String, String> ENTRIES = Map.of(
            Limits.TESTS,
            "test",
            Table.OFFERS,
            "rate",
            Letting.BANDS,
            "band",
            Letting.BASES,
            "way of letting",
            "regions",
            "region");

    /** One code with its values written out. */
    private record Words(String path, Code code, List<String> values) {

        FindingWords all() {
            return switch (code) {
                case OUT_OF_RANGE -> only(value(1) + " to " + value(2));
                case NO_ENTRIES -> because("none", "1 to " + value(0), "Add at least one " + entry() + ".");
                case NOT_ABOVE_ZERO -> only("above 0 %");
                case TOO_MANY_DECIMALS -> only("at most " + value(1) + " decimals");
                case TERM_SPLITS_PAYMENTS -> termSplitsPayments();
                case PAYMENTS_SPLIT_MONTHS -> paymentsSplitMonths();
                case PAYMENT_BELOW_INTEREST ->
                    because(
                            value(0),
                            value(3) + " or more",
                            "The payment of " + value(0) + " does not cover the interest of " + value(1)
                                    + " due with payment " + value(2)
                                    + ". The least that repays the loan in its term is " + value(3) + ".");
                case LEVEL_PAYMENT_BELOW_INTEREST ->
                    because(
                            "a level payment of " + value(0),
                            "a payment of " + value(3) + ", a shorter term or a lower rate",
                            "The level payment of " + value(0) + " does not exceed the interest of " + value(1)
                                    + " due with payment " + value(2)
                                    + ", so nothing would be repaid before the end. The least that repays the loan in"
                                    + " its term is " + value(3) + "; a shorter term or a lower rate would do too.");
                case ENDS_BEFORE_START ->
                    because(
                            "payment " + value(0),
                            "payment " + value(1) + " or later",
                            "An extra payment from payment " + value(1) + " cannot end with payment " + value(0) + ".");
                case NOTHING_TO_BORROW ->
                    because(
                            value(0),
                            "less than the price of " + value(1),
                            "A down payment of " + value(0) + " leaves nothing to borrow on a price of " + value(1)
                                    + ".");
                case PREMIUM_TOO_LARGE ->
                    because(
                            value(0),
                            "a premium of at most " + value(1),
                            "The premium of " + value(0) + " would make the loan larger than any: at most " + value(1)
                                    + " can be added to a loan of " + value(2) + ".");
                case BEFORE_CLOSING ->
                    because(
                            value(0),
                            value(1) + " or later",
                            "The " + value(0) + " comes before the closing on " + value(1) + ".");
                case BEFORE_LOAN ->
                    because(
                            value(0),
                            value(1) + " or later",
                            "The " + value(0) + " comes before the loan, which begins on " + value(1)
                                    + " at the earliest by its first payment.");
                case LONGER_THAN_TERM -> only("up to the whole term of " + value(1));
                case BUYDOWN_OF_OTHER_PAYMENT ->
                    because(
                            value(0) + " reduced payments",
                            "years in which the level payment is due",
                            "A temporary buydown reduces the level payment of " + value(1) + ", and payment " + value(2)
                                    + " of its years is another one.");
                case REDUCTION_ABOVE_RATE -> only("up to the rate of " + value(1));
                case CREDIT_BESIDE_POINTS ->
                    because(
                            "a lender credit",
                            "no lender credit beside points",
                            "A lender credit is paid for a higher rate and points for a lower one: only one of them"
                                    + " can be.");
                case PAYER_OF_CREDIT ->
                    because(value(0), "nothing beside a credit", "A credit names its giver by its kind.");
                case NEVER_REPAID ->
                    because(
                            value(0),
                            "at least what was advanced",
                            "There is no rate: the payments of " + value(0) + " do not repay the " + value(1)
                                    + " advanced.");
                case BEYOND_ANY_RATE -> only("payments that some rate explains");
                case NO_PART_OF_PERIOD -> only("0 or more and a fraction below 1");
                case PAYMENT_BELOW_BALLOON_INTEREST -> noAnswer("the interest on the balloon");
                case PAYMENT_BELOW_PRINCIPAL -> noAnswer("repaying without any interest");
                case PAYMENT_BELOW_LONGEST_TERM -> noAnswer("fifty years");
                case PAYMENT_BELOW_INTEREST_ALONE -> noAnswer("the interest alone");
                case MISSING -> because("nothing", "a value", "A value is missing here.");
                case NOT_BOTH ->
                    because(value(0), "one of the two", "Only one of the two can be given here, not both.");
                case UNKNOWN_FORMAT ->
                    because(
                            value(0),
                            value(1),
                            "This case is written in format " + value(0) + "; only formats up to " + value(1)
                                    + " can be read.");
                case TEXT_LENGTH ->
                    because(
                            value(0) + " characters",
                            value(1) + " to " + value(2) + " characters",
                            "This must have " + value(1) + " to " + value(2) + " characters, and has " + value(0)
                                    + ".");
                case UNPRINTABLE ->
                    because(
                            "control characters",
                            "letters, digits and signs",
                            "This holds characters that cannot be printed.");
                case INVALID_ID -> only("1 to 40 letters, digits and hyphens");
                case DUPLICATE_ID ->
                    because(
                            value(0),
                            "an id of its own",
                            "The id " + value(0) + " is that of another entry of the list.");
                case UNKNOWN_COLUMNS ->
                    because(
                            value(0),
                            value(1),
                            "The first line must name the columns: " + value(1) + ". It says: " + value(0) + ".");
                case NUMBER_OF_LINES ->
                    because(
                            value(0),
                            "1 to " + value(1) + " lines",
                            "There are " + value(0) + " lines below the first; from 1 to " + value(1)
                                    + " can be taken.");
                case UNKNOWN_WORD -> because(value(0), value(1), "“" + value(0) + "” is none of: " + value(1) + ".");
                case NOT_A_NUMBER ->
                    because(
                            value(0).isEmpty() ? "nothing" : value(0),
                            "a number",
                            value(0).isEmpty() ? "A number is missing here." : value(0) + " is no number.");
                case RATE_TWICE ->
                    because(value(0), "each rate once", "The rate of " + value(0) + " stands in this table twice.");
                case NOTHING_BOUGHT ->
                    because(
                            value(0),
                            "a credit towards a purchase",
                            "A seller's credit needs a seller: this loan buys no home.");
                case NO_RATE_TABLE ->
                    because(
                            value(0),
                            "a rate table of the practice",
                            "There is no rate table to take points from. The practice's rates are under Practice, Rates.");
                case CREDIT_TOO_SMALL -> creditTooSmall();
                case UNKNOWN_DEBT ->
                    because(
                            value(0),
                            "the id of a debt of this case",
                            "There is no debt with the id " + value(0) + ".");
                case UNKNOWN_PERSON ->
                    because(
                            value(0),
                            "the id of a person of this case",
                            "There is no person with the id " + value(0) + ".");
                case REGION_TWICE ->
                    because(value(0), "each region once", "The region " + value(0) + " stands in this table twice.");
                case BAND_TWICE ->
                    because(
                            value(0),
                            "each least cover once",
                            "Two bands ask for a cover of at least " + value(0) + ": give them different ones.");
                case BAND_NEVER_USED ->
                    because(
                            value(0),
                            "a band that lends more or at a lower rate than one that asks for less",
                            "The band from " + value(0) + " is never used: the one from " + value(1)
                                    + " asks for less and lends as much at no higher a rate.");
                case BASIS_TWICE ->
                    because(
                            "a letting basis again",
                            "each letting basis once",
                            "This letting basis stands here twice.");
                case NAMED_TWICE -> because(value(0) + " again", "each once", value(0) + " stands here twice.");
                case NO_LOGO ->
                    because(
                            "another file",
                            "a PNG or JPEG image of at most 220 KB and 1,000 pixels across",
                            "The logo must be a PNG or JPEG image of at most 220 KB and 1,000 pixels across.");
                case RENT_ABOVE_PRICE ->
                    because(
                            value(0),
                            "at most the price of " + value(1),
                            "A rent of " + value(0) + " a month is above the price of " + value(1)
                                    + ". It is a month's rent that is asked for.");
                case NOT_AN_AMOUNT -> only("an amount in whole cents");
                case NOT_A_DAY -> only("a day such as 2045-06-30");
            };
        }

        private FindingWords creditTooSmall() {
            return values.size() > 1
                    ? because(
                            value(0),
                            value(1) + " or more",
                            "The credit of " + value(0) + " is not enough: the least that works costs " + value(1)
                                    + ".")
                    : because(
                            value(0),
                            "a lower rate in the rate table",
                            "The rate table has no lower rate to buy with points.");
        }

        private FindingWords paymentsSplitMonths() {
            String nearest = String.join(" or ", values.subList(1, values.size()));
            return because(
                    value(0) + " payments left",
                    nearest.isEmpty()
                            ? "a number of payments that makes whole months"
                            : "the change with payment " + nearest,
                    "An accelerated payment is a share of the monthly one, and " + value(0)
                            + " payments do not make whole months."
                            + (nearest.isEmpty() ? "" : " With payment " + nearest + " the change would do."));
        }

        private FindingWords termSplitsPayments() {
            String allowed = String.join(" or ", values.subList(1, values.size()));
            return because(
                    value(0),
                    allowed,
                    value(0) + " is not a whole number of these payments: the nearest terms are " + allowed + ".");
        }

        /** What an entry of the list is called. */
        private String entry() {
            String list = path.substring(path.lastIndexOf('.') + 1);
            return ENTRIES.getOrDefault(list, "entry");
        }

        private FindingWords noAnswer(String why) {
            return because(
                    value(0),
                    value(1) + " or more",
                    "There is none, because " + why + " takes a payment of " + value(1) + ", more than " + value(0)
                            + ".");
        }

        private FindingWords only(String allowed) {
            return because(value(0), allowed, value(0) + " is not allowed here, only " + allowed + ".");
        }

        private FindingWords because(String given, String allowed, String message) {
            return new FindingWords(given, allowed, message);
        }

        private String value(int index) {
            return values.get(index);
        }
    }
}
