package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A bad entry stays where it is, says what is allowed, and takes nothing away. */
class BadEntryTest extends Journey {
    /** Slower than an answer takes, so that the figures of each key press arrive in between. */
    private static final double A_KEY_PRESS_MS = 120;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PRICE         | plenty    | Enter an amount such as 468,500 or 82k.",
                "PRICE         | 0         | 0.00 is not allowed here, only 0.01 to 999,999,999.99.",
                "PRICE         | -5        | An amount is not negative.",
                "PRICE         | 1e308     | Enter an amount such as 468,500 or 82k.",
                "LOAN_AMOUNT   | 900000    | At most the price of 400,000 can be borrowed.",
                "DOWN_PAYMENT  | 101%      | 101 % is not allowed here, only 0 % to 100 %.",
                "DOWN_PAYMENT  | 700k      | A down payment of 700,000.00 leaves nothing to borrow on a price of 400,000.00.",
                "RATE          | 31        | 31 % is not allowed here, only 0 % to 30 %.",
                "TERM          | 400 years | 400 years is not allowed here, only 1 month to 50 years.",
                "FIRST_PAYMENT | soon     | Enter a date such as 1 March 2027 or Mar 2027."
            })
    void saysWhatIsWrongAndWhatIsAllowed(Field figure, String text, String message) {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("To be mended", "");
        String monthly = advisor.month().textContent();
        advisor.say(figure, text);

        Locator field = advisor.figure(figure);
        assertThat(field).hasAccessibleDescription(message);
        assertThat(field).hasAttribute("aria-invalid", "true");
        assertThat(advisor.month()).hasText(monthly);
        assertThat(advisor.saved()).hasText("Not saved: fix the marked entry");
    }

    @Test
    void marksFiguresThatAreNotOfTheEntriesAndSavesNothing() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Not yet right", "");
        advisor.say(Field.TERM, "90");

        assertThat(advisor.page().getByText("Showing the last valid results.")).isVisible();
        assertThat(advisor.saved()).hasText("Not saved: fix the marked entry");
        assertThat(advisor.figure(Field.TERM)).hasValue("90");
        assertThat(advisor.figure(Field.TERM))
                .hasAccessibleDescription("A term is at most 50 years. For 90 months, type 90 months.");

        advisor.say(Field.TERM, "20");
        assertThat(advisor.total("PAYMENTS")).hasText("240");
        advisor.waitUntilSaved();
    }

    @Test
    void losesNothingThatWasTypedWhenThePageIsLoadedAgain() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Loaded again", "");
        advisor.say(Field.RATE, "4.75").say(Field.PRICE, "about 300k").say(Field.TERM, "60");
        advisor.say(Field.LOAN_AMOUNT, "900000");

        advisor.page().reload();

        assertThat(advisor.figure(Field.PRICE)).hasValue("about 300k");
        assertThat(advisor.figure(Field.TERM)).hasValue("60");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("900000");
        assertThat(advisor.figure(Field.RATE)).hasValue("4.75\u202f%");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "60,000 | 60,000  | 340,000",
                "60000  | 60,000  | 340,000",
                "17%    | 17\u202f% | 332,000",
                "17     | 17\u202f% | 332,000"
            })
    void takesADownPaymentTypedOverAPercentageByTheWholeOfIt(String typed, String shown, String loan) {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Down over a percentage", "");
        advisor.say(Field.PRICE, "400,000").say(Field.DOWN_PAYMENT, "20 %");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("320,000");

        typeSlowly(advisor, advisor.figure(Field.DOWN_PAYMENT), typed);

        assertThat(advisor.figure(Field.DOWN_PAYMENT)).hasValue(shown);
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue(loan);
        advisor.waitUntilSaved();
        advisor.page().reload();
        assertThat(advisor.figure(Field.DOWN_PAYMENT)).hasValue(shown);
    }

    @Test
    void asksForWhatCouldBeAPercentageOrAnAmount() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Either", "");
        advisor.say(Field.PRICE, "400,000").say(Field.DOWN_PAYMENT, "60,000").say(Field.DOWN_PAYMENT, "20");

        Locator down = advisor.figure(Field.DOWN_PAYMENT);
        assertThat(down).hasAccessibleDescription("Is that 20 % or an amount of 20? Type 20 % or 20.00.");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("340,000");
        advisor.say(Field.DOWN_PAYMENT, "20 %");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("320,000");
    }

    @Test
    void changesAPropertyTaxAgainAndAgain() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Taxed", "");
        Page page = advisor.page();
        advisor.say(Field.PRICE, "400,000");
        advisor.press("Change");
        Locator tax = advisor.cost("Property tax");
        Locator month = page.getByTestId("month-Property tax");
        for (String[] entry : new String[][] {
            {"1.2 %", "400.00"}, {"1.3 %", "433.33"}, {"4,800", "400.00"}, {"5,100", "425.00"}, {"1.2%", "400.00"}
        }) {
            typeSlowly(advisor, tax, entry[0]);
            assertThat(month).hasText(entry[1]);
        }
        advisor.press("Close");
        advisor.waitUntilSaved();
        page.reload();
        assertThat(month).hasText("400.00");
    }

    @ParameterizedTest
    @ValueSource(strings = {"512,3oo", "512,30", "43x"})
    void refusesDoubtfulTextAndStoresNothingOfIt(String text) {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Doubtful", "");
        String loan = advisor.figure(Field.LOAN_AMOUNT).inputValue();
        typeSlowly(advisor, advisor.figure(Field.PRICE), text);

        assertThat(advisor.figure(Field.PRICE)).hasAccessibleDescription("Enter an amount such as 468,500 or 82k.");
        assertThat(advisor.saved()).hasText("Not saved: fix the marked entry");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue(loan);
    }

    @Test
    void storesAFigureOnlyOnceItIsFinished() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Half typed", "");
        advisor.waitUntilSaved();
        Locator price = advisor.figure(Field.PRICE);
        price.selectText();
        advisor.page().keyboard().type("45");

        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("36");
        assertThat(advisor.saved()).hasText("Not saved yet");
        advisor.page().keyboard().type("0,000");
        price.press("Enter");
        advisor.waitUntilSaved();
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("360,000");
    }

    /** Key by key, as a person does who looks at the screen while typing. */
    private static void typeSlowly(Advisor advisor, Locator field, String text) {
        field.selectText();
        advisor.page().keyboard().type(text, new Keyboard.TypeOptions().setDelay(A_KEY_PRESS_MS));
        advisor.page().keyboard().press("Tab");
    }
}
