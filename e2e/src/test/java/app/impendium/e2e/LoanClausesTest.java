package app.impendium.e2e;

import static app.impendium.core.GoldenCases.cents;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every clause of the sentence, and what the loan's life makes of it. */
class LoanClausesTest extends Journey {

    @Test
    void aLumpInYearSevenShortensTheLoan() {
        GoldenCase golden = golden("schedule-02");
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("A lump in year seven", "");
        advisor.aloneWith("975,350.12", "5.48", "20");
        advisor.press("Change");
        advisor.choose("Payment is rounded", "up to the next cent");
        advisor.press("Close");
        assertThat(advisor.total("Payments")).hasText("240");

        advisor.and("plus an extra once")
                .say("Extra payment", "87,781.51")
                .say("When the extra is first paid", "payment 78");

        assertThat(advisor.total("Payments"))
                .hasText(golden.expect().get("paymentsMade").asString());
        assertThat(advisor.total("Last payment")).hasText(amount(golden.expect().get("finalPayment")));
        assertThat(advisor.total("Total interest"))
                .hasText(amount(golden.expect().get("totalInterest")));
        advisor.choose("What an extra does", "lowers the payments after it");
        assertThat(advisor.total("Payments")).hasText("240");
    }

    @Test
    void draggingAStretchGivesItsSums() {
        GoldenCase golden = golden("schedule-06");
        JsonNode span = golden.expect().get("spans").get(1);
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("A stretch", "");
        advisor.aloneWith("1,139,900", "5.875", "10");
        advisor.and("another rate later").say("Later rate", "5.375").say("From when it applies", "payment 61");
        assertThat(advisor.total("Total interest"))
                .hasText(amount(golden.expect().get("totalInterest")));

        advisor.view("Lifeline");
        int payments = golden.input().get("payments").asInt();
        advisor.dragStretch(span.get("from").asInt(), span.get("to").asInt(), payments);

        Locator reading = advisor.page().getByTestId("stretch-reading");
        assertThat(reading).containsText("Payments 54 to 101");
        assertThat(reading).containsText("interest " + amount(span.get("interest")));
        assertThat(reading).containsText("principal " + amount(span.get("principal")));
        assertThat(reading).containsText("then owed " + amount(span.get("balance")));
        JsonNode other = golden.expect().get("spans").get(0);
        advisor.find("1 to 19");
        assertThat(reading).containsText("interest " + amount(other.get("interest")));
    }

    @Test
    void refusesAPaymentBelowTheInterestWithTheLeastThatWorks() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Too little", "");
        advisor.say("Price", "312,700")
                .say("Money down", "15%")
                .say("Yearly rate", "5.5")
                .say("Term", "25");
        advisor.and("a payment of their own choice");
        advisor.say("Chosen payment", "1,000");

        assertThat(advisor.figure("Chosen payment"))
                .hasAccessibleDescription(
                        "The payment of 1,000.00 does not cover the interest of 1,218.23 due with payment 1."
                                + " The least that repays the loan in its term is 1,632.22.");
        advisor.say("Chosen payment", "1,632.22");
        assertThat(advisor.total("Payments")).hasText("300");
        advisor.say("Chosen payment", "");
        assertThat(advisor.figure("Chosen payment")).hasCount(0);
        assertThat(advisor.total("Each payment")).hasText("1,632.21");
    }

    @Test
    void saysEveryClauseAndTakesItAwayAgain() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("All clauses", "");
        String plain = advisor.sentence();
        advisor.and("interest alone at first").say("Interest-only time", "3");
        advisor.and("a balance left at the end").say("Balance left at the end", "40k");
        advisor.and("an appraisal").say("Appraisal", "395k");
        advisor.and("the rate agreed for part of the term").say("Term of the rate", "4");
        advisor.and("a premium due once").say("Upfront premium", "1.5");
        advisor.and("plus an extra with each payment")
                .say("Extra payment", "150")
                .say("Until when the extra is paid", "2031");

        String said = advisor.sentence();
        org.assertj.core.api.Assertions.assertThat(said)
                .contains(
                        "(appraised at 395,000)",
                        "rate fixed for 4 years",
                        "with a premium of 1.5\u202f% added to the loan")
                .contains("the first 3 years at interest alone", "plus 150 with each payment", "until Dec 2031")
                .contains("leaving 40,000 to pay at the end.");
        for (String figure : new String[] {
            "Interest-only time",
            "Balance left at the end",
            "Appraisal",
            "Term of the rate",
            "Upfront premium",
            "Extra payment"
        }) {
            advisor.say(figure, "");
        }
        org.assertj.core.api.Assertions.assertThat(advisor.sentence()).isEqualTo(plain);
    }

    @Test
    void aClauseThatDoesSomethingElseSaysWhat() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Lump and balloon", "");
        advisor.aloneWith("250,000", "5", "10");
        advisor.and("a balance left at the end").say("Balance left at the end", "100k");
        Locator notes = advisor.page().getByLabel("What clauses do instead").getByRole(AriaRole.LISTITEM);
        assertThat(notes).hasCount(0);
        advisor.and("plus an extra once").say("Extra payment", "30k").say("When the extra is first paid", "payment 24");

        assertThat(advisor.total("Payments")).hasText("120");
        assertThat(advisor.total("Last payment")).hasText("57,290.02");
        assertThat(notes).hasText(new String[] {
            "≠ Extra payments end this loan no earlier: its last payment becomes 57,290.02.",
            "≠ The balance left to pay at the end is 55,282.37."
        });
        advisor.choose("What an extra does", "lowers the payments after it");
        assertThat(notes).hasCount(0);
    }

    @Test
    void reducesPaymentsInTheFirstYears() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("22 Harrow Court");
        Locator periods = advisor.page().getByTestId("period");
        assertThat(periods).hasCount(4);
        assertThat(periods.nth(1)).containsText("the payment steps up");
        advisor.say("Reductions of the rate, year by year", "1.5");

        assertThat(periods).hasCount(3);
        assertThat(advisor.page().getByTestId("who-sends")).containsText("sent in by the clients");
    }

    @Test
    void putsAnExtraInAtTheMarker() {
        Advisor advisor =
                someone().signIn(Advisor.EMAIL).begin("At the marker", "").view("Lifeline");
        advisor.find("payment 84");
        advisor.press("Pay an extra here");
        Locator extra = advisor.figure("Extra payment");
        assertThat(extra).isFocused();
        extra.fill("25k");
        assertThat(advisor.page().getByTestId("schedule")).containsText("Extra");
        assertThat(advisor.page().getByText("payments not needed")).isVisible();
        assertThat(advisor.page().getByRole(AriaRole.SLIDER)).hasAttribute("aria-valuenow", "84");
    }

    private static GoldenCase golden(String name) {
        return GoldenCases.of("schedule")
                .filter(golden -> golden.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static String amount(JsonNode expected) {
        return String.format(java.util.Locale.ROOT, "%,.2f", cents(expected) / 100.0);
    }
}
