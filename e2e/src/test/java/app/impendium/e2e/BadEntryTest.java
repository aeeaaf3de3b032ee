package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A bad entry stays where it is, says what is allowed, and takes nothing away. */
class BadEntryTest extends Journey {

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
}
