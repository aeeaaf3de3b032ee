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
                "Price        | plenty    | Enter an amount such as 468,500 or 82k.",
                "Price        | 0         | 0.00 is not allowed here, only 0.01 to 999,999,999.99.",
                "Price        | -5        | An amount is not negative.",
                "Price        | 1e308     | Enter an amount such as 468,500 or 82k.",
                "Money down   | 101%      | 101 % is not allowed here, only 0 % to 100 %.",
                "Money down   | 700k      | Money down of 700,000.00 leaves nothing to borrow on a price of 400,000.00.",
                "Yearly rate  | 31        | 31 % is not allowed here, only 0 % to 30 %.",
                "Term         | 400 years | 400 years is not allowed here, only 1 month to 50 years.",
                "First payment | soon     | Enter a date such as 1 March 2027 or Mar 2027."
            })
    void saysWhatIsWrongAndWhatIsAllowed(String figure, String text, String message) {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("To be mended", "");
        String monthly = advisor.month().textContent();
        advisor.say(figure, text);

        Locator field = advisor.figure(figure);
        assertThat(field).hasAccessibleDescription(message);
        assertThat(field).hasAttribute("aria-invalid", "true");
        assertThat(advisor.month()).hasText(monthly);
        assertThat(advisor.saved()).hasText("Not saved: an entry needs mending");
    }

    @Test
    void marksFiguresThatAreNotOfTheEntriesAndSavesNothing() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Not yet right", "");
        advisor.say("Term", "90");

        assertThat(advisor.page().getByText("The figures below are those of the last entries that had an answer."))
                .isVisible();
        assertThat(advisor.saved()).hasText("Not saved: an entry needs mending");
        assertThat(advisor.figure("Term")).hasValue("90 years");

        advisor.say("Term", "20");
        assertThat(advisor.total("Payments")).hasText("240");
        advisor.waitUntilSaved();
    }

    @Test
    void losesNothingThatWasTypedWhenThePageIsLoadedAgain() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Loaded again", "");
        advisor.say("Yearly rate", "4.75").say("Price", "about 300k").say("Term", "60");

        advisor.page().reload();

        assertThat(advisor.figure("Price")).hasValue("about 300k");
        assertThat(advisor.figure("Term")).hasValue("60 years");
        assertThat(advisor.figure("Yearly rate")).hasValue("4.75\u202f%");
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
        advisor.say("Price", "400,000").say("Money down", "20 %");
        assertThat(advisor.figure("Loan amount")).hasValue("320,000");

        typeSlowly(advisor, advisor.figure("Money down"), typed);

        assertThat(advisor.figure("Money down")).hasValue(shown);
        assertThat(advisor.figure("Loan amount")).hasValue(loan);
        advisor.waitUntilSaved();
        advisor.page().reload();
        assertThat(advisor.figure("Money down")).hasValue(shown);
    }

    @Test
    void asksForWhatCouldBeAPercentageOrAnAmount() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Either", "");
        advisor.say("Price", "400,000").say("Money down", "60,000").say("Money down", "20");

        Locator down = advisor.figure("Money down");
        assertThat(down).hasAccessibleDescription("Is that 20 % or an amount of 20? Type 20 % or 20.00.");
        assertThat(advisor.figure("Loan amount")).hasValue("340,000");
        advisor.say("Money down", "20 %");
        assertThat(advisor.figure("Loan amount")).hasValue("320,000");
    }

    @Test
    void changesAPropertyTaxAgainAndAgain() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Taxed", "");
        Page page = advisor.page();
        advisor.say("Price", "400,000");
        advisor.press("Change");
        Locator tax = page.getByLabel("Property tax");
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
        String loan = advisor.figure("Loan amount").inputValue();
        typeSlowly(advisor, advisor.figure("Price"), text);

        assertThat(advisor.figure("Price")).hasAccessibleDescription("Enter an amount such as 468,500 or 82k.");
        assertThat(advisor.saved()).hasText("Not saved: an entry needs mending");
        assertThat(advisor.figure("Loan amount")).hasValue(loan);
    }

    @Test
    void storesAFigureOnlyOnceItIsFinished() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Half typed", "");
        advisor.waitUntilSaved();
        Locator price = advisor.figure("Price");
        price.selectText();
        advisor.page().keyboard().type("45");

        assertThat(advisor.figure("Loan amount")).hasValue("36");
        assertThat(advisor.saved()).hasText("Not saved yet");
        advisor.page().keyboard().type("0,000");
        price.press("Enter");
        advisor.waitUntilSaved();
        assertThat(advisor.figure("Loan amount")).hasValue("360,000");
    }

    /** Key by key, as a person does who looks at the screen while typing. */
    private static void typeSlowly(Advisor advisor, Locator field, String text) {
        field.selectText();
        advisor.page().keyboard().type(text, new Keyboard.TypeOptions().setDelay(A_KEY_PRESS_MS));
        advisor.page().keyboard().press("Tab");
    }
}
