package app.impendium.e2e;

import static app.impendium.core.GoldenCases.cents;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every feature of the sentence, and what the loan's life makes of it. */
class LoanFeaturesTest extends Journey {

    @Test
    void aLumpInYearSevenShortensTheLoan() {
        GoldenCase golden = golden("schedule-02");
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("A lump in year seven", "");
        advisor.aloneWith("975,350.12", "5.48", "20");
        advisor.press("Change");
        advisor.choose("Payment is rounded", "up to the next cent");
        advisor.press("Close");
        assertThat(advisor.total("PAYMENTS")).hasText("240");

        advisor.and("One-time extra payment").say(Field.EXTRA, "87,781.51").say(Field.EXTRA_FROM, "payment 78");

        assertThat(advisor.total("PAYMENTS"))
                .hasText(golden.expect().get("paymentsMade").asString());
        assertThat(advisor.total("LAST_PAYMENT")).hasText(amount(golden.expect().get("finalPayment")));
        assertThat(advisor.total("TOTAL_INTEREST"))
                .hasText(amount(golden.expect().get("totalInterest")));
        advisor.choose("Effect of extra payments", "lowers the payments after it");
        assertThat(advisor.total("PAYMENTS")).hasText("240");
    }

    @Test
    void draggingARangeGivesItsSums() {
        GoldenCase golden = golden("schedule-06");
        JsonNode span = golden.expect().get("spans").get(1);
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("A range", "");
        advisor.aloneWith("1,139,900", "5.875", "10");
        advisor.and("Rate change").say(Field.CHANGED_RATE, "5.375").say(Field.CHANGED_RATE_FROM, "payment 61");
        assertThat(advisor.total("TOTAL_INTEREST"))
                .hasText(amount(golden.expect().get("totalInterest")));

        advisor.view("Lifeline");
        int payments = golden.input().get("payments").asInt();
        advisor.dragRange(span.get("from").asInt(), span.get("to").asInt(), payments);

        Locator reading = advisor.page().getByTestId("range-reading");
        assertThat(reading).containsText("Payments 54 to 101");
        assertThat(reading).containsText("interest " + amount(span.get("interest")));
        assertThat(reading).containsText("principal " + amount(span.get("principal")));
        assertThat(reading).containsText("balance after " + amount(span.get("balance")));
        JsonNode other = golden.expect().get("spans").get(0);
        advisor.find("1 to 19");
        assertThat(reading).containsText("interest " + amount(other.get("interest")));
    }

    @Test
    void refusesAPaymentBelowTheInterestWithTheLeastThatWorks() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Too little", "");
        advisor.say(Field.PRICE, "312,700")
                .say(Field.DOWN_PAYMENT, "15%")
                .say(Field.RATE, "5.5")
                .say(Field.TERM, "25");
        advisor.and("Custom payment");
        advisor.say(Field.CUSTOM_PAYMENT, "1,000");

        assertThat(advisor.figure(Field.CUSTOM_PAYMENT))
                .hasAccessibleDescription(
                        "The payment of 1,000.00 does not cover the interest of 1,218.23 due with payment 1."
                                + " The least that repays the loan in its term is 1,632.22.");
        advisor.say(Field.CUSTOM_PAYMENT, "1,632.22");
        assertThat(advisor.total("PAYMENTS")).hasText("300");
        advisor.say(Field.CUSTOM_PAYMENT, "");
        assertThat(advisor.figure(Field.CUSTOM_PAYMENT)).hasCount(0);
        assertThat(advisor.total("PAYMENT")).hasText("1,632.21");
    }

    @Test
    void saysEveryClauseAndTakesItAwayAgain() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("All features", "");
        String plain = advisor.sentence();
        advisor.and("Interest-only period").say(Field.INTEREST_ONLY, "3");
        advisor.and("Balloon payment").say(Field.BALLOON, "40k");
        advisor.and("Appraisal").say(Field.APPRAISAL, "395k");
        advisor.and("Fixed-rate period").say(Field.RATE_PERIOD, "4");
        advisor.and("Upfront premium").say(Field.UPFRONT_PREMIUM, "1.5");
        advisor.and("Extra with each payment").say(Field.EXTRA, "150").say(Field.EXTRA_UNTIL, "2031");

        String said = advisor.sentence();
        org.assertj.core.api.Assertions.assertThat(said)
                .contains(
                        "(appraised at 395,000)",
                        "rate fixed for 4 years",
                        "with a premium of 1.5\u202f% added to the loan")
                .contains("the first 3 years interest-only", "plus 150 with each payment", "until Dec 2031")
                .contains("with a balloon payment of 40,000 at the end.");
        for (Field figure : new Field[] {
            Field.INTEREST_ONLY, Field.BALLOON, Field.APPRAISAL, Field.RATE_PERIOD, Field.UPFRONT_PREMIUM, Field.EXTRA
        }) {
            advisor.say(figure, "");
        }
        org.assertj.core.api.Assertions.assertThat(advisor.sentence()).isEqualTo(plain);
    }

    @Test
    void aClauseThatDoesSomethingElseSaysWhat() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Lump and balloon", "");
        advisor.aloneWith("250,000", "5", "10");
        advisor.and("Balloon payment").say(Field.BALLOON, "100k");
        Locator notes = advisor.page().getByLabel("Notes on features").getByRole(AriaRole.LISTITEM);
        assertThat(notes).hasCount(0);
        advisor.and("One-time extra payment").say(Field.EXTRA, "30k").say(Field.EXTRA_FROM, "payment 24");

        assertThat(advisor.total("PAYMENTS")).hasText("120");
        assertThat(advisor.total("LAST_PAYMENT")).hasText("57,290.02");
        assertThat(notes).hasText(new String[] {
            "≠ Extra payments end this loan no earlier: its last payment becomes 57,290.02.",
            "≠ The balloon payment is 55,282.37."
        });
        advisor.choose("Effect of extra payments", "lowers the payments after it");
        assertThat(notes).hasCount(0);
    }

    @Test
    void paymentsStepToAnotherAmountLater() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Steps", "");
        advisor.aloneWith("61,350", "4.8", "10");
        assertThat(advisor.total("PAYMENT")).hasText("644.73");
        advisor.and("Payment change").say(Field.CHANGED_PAYMENT, "900").say(Field.CHANGED_PAYMENT_FROM, "payment 49");

        assertThat(advisor.total("PAYMENTS")).hasText("98");
        assertThat(advisor.total("LAST_PAYMENT")).hasText("353.83");
        org.assertj.core.api.Assertions.assertThat(advisor.sentence()).contains("then paying 900 from payment 49");
        advisor.say(Field.CHANGED_PAYMENT, "150");
        assertThat(advisor.figure(Field.CHANGED_PAYMENT))
                .hasAccessibleDescription(
                        "The payment of 150.00 does not cover the interest of 161.06 due with payment 49."
                                + " The least that repays the loan in its term is 644.74.");
    }

    @Test
    void reducesPaymentsInTheFirstYears() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("22 Harrow Court");
        Locator periods = advisor.page().getByTestId("period");
        assertThat(periods).hasCount(4);
        assertThat(periods.nth(1)).containsText("the payment steps up");
        advisor.say(Field.REDUCTIONS, "1.5");

        assertThat(periods).hasCount(3);
        assertThat(advisor.page().getByTestId("who-sends")).containsText("paid by the clients");
    }

    @Test
    void putsAnExtraInAtTheMarker() {
        Advisor advisor =
                someone().signIn(Advisor.EMAIL).begin("At the marker", "").view("Lifeline");
        advisor.find("payment 84");
        advisor.press("Add extra payment here");
        Locator extra = advisor.figure(Field.EXTRA);
        assertThat(extra).isFocused();
        extra.fill("25k");
        assertThat(advisor.page().getByTestId("schedule")).containsText("Extra");
        assertThat(advisor.page().getByText("fewer payments")).isVisible();
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
