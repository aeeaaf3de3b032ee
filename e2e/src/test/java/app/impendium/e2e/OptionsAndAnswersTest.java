package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import java.math.BigDecimal;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Options beside one another, targets, rates around the loan's own, and other markets. */
class OptionsAndAnswersTest extends Journey {

    @Test
    void holdsOptionsAndMarksWhereTheyDiffer() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two ways", "");
        advisor.press("Add option…");
        advisor.item("Duplicate");
        advisor.say(Field.TERM, "20");
        assertThat(tab(advisor, "20 years")).isVisible();
        assertThat(advisor.figure(Field.TERM)).hasAttribute("aria-description", "in the baseline 30 years");
        assertThat(advisor.figure(Field.RATE)).not().hasAttribute("aria-description", Pattern.compile(".*"));
        assertThat(advisor.total("PAYMENTS")).hasText("240");

        advisor.press("Option…");
        advisor.item("Rename");
        advisor.page().getByLabel("Name of the option").fill("Sooner");
        advisor.page().keyboard().press("Enter");
        assertThat(tab(advisor, "Sooner")).isVisible();
        advisor.press("Option…");
        advisor.item("Make baseline");
        assertThat(advisor.page().getByRole(AriaRole.TAB).first()).hasText("Sooner");
        tab(advisor, "30 years").click();
        assertThat(advisor.total("PAYMENTS")).hasText("360");
        advisor.press("Option…");
        advisor.item("Delete");
        assertThat(advisor.page().getByRole(AriaRole.TAB)).hasCount(1);
        assertThat(advisor.total("PAYMENTS")).hasText("240");
        advisor.waitUntilSaved();
    }

    @Test
    void returnsAcrossTenMixedChanges() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Ten changes", "");
        advisor.waitUntilSaved();
        String month = advisor.month().textContent();
        String sentence = advisor.sentence();
        advisor.say(Field.PRICE, "420k")
                .say(Field.DOWN_PAYMENT, "60k")
                .say(Field.RATE, "5.9")
                .say(Field.TERM, "22");
        advisor.choose("Payment frequency", "every two weeks");
        advisor.and("One-time extra payment");
        advisor.say(Field.EXTRA, "7,500");
        advisor.press("Add option…");
        advisor.item("Duplicate");
        advisor.and("Interest-only period");
        advisor.say(Field.INTEREST_ONLY, "2");

        for (int change = 0; change < 10; change++) {
            advisor.press("Undo");
        }

        assertThat(advisor.month()).hasText(month);
        org.assertj.core.api.Assertions.assertThat(advisor.sentence()).isEqualTo(sentence);
        assertThat(advisor.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo")))
                .isDisabled();
    }

    @Test
    void solvesATargetAndTakesIt() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        advisor.figure(Field.RATE).fill("for 2,700 a month");
        advisor.page().keyboard().press("Enter");
        Page page = advisor.page();
        assertThat(page.getByTestId("lever-RATE")).containsText("An interest rate of at most 4.784\u202f%");
        assertThat(page.getByTestId("lever-TERM")).containsText("No term is enough; closest: 2,746.31 a month");
        assertThat(advisor.figure(Field.RATE)).hasValue("6.125\u202f%");

        page.getByTestId("lever-PRICE")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add as option"))
                .click();
        assertThat(advisor.month()).hasText("$2,700.00");
        assertThat(advisor.figure(Field.PRICE)).hasValue("415,545");
        advisor.press("Undo");
        assertThat(advisor.month()).hasText("$3,026.07");
    }

    @Test
    void takesARungOfTheLadder() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("On the ladder", "");
        Page page = advisor.page();
        page.getByLabel("Step between rates").fill("1/8");
        page.getByLabel("Rates below").fill("2");
        advisor.press("Show table");
        Locator table = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Rates as a table"));
        assertThat(table.getByRole(AriaRole.ROWHEADER)).hasCount(7);
        assertThat(table.getByRole(AriaRole.ROWHEADER).first()).hasText("6.25\u202f%");
        advisor.press("Show chart");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("per payment"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^6\\.25")))
                .click();
        advisor.item("Add as option");

        assertThat(advisor.figure(Field.RATE)).hasValue("6.25\u202f%");
        assertThat(tab(advisor, "6.25\u202f%")).isVisible();
    }

    @Test
    void aRateUsedAtTheRenewalLeavesTodaysRateAlone() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("To be renewed", "");
        Page page = advisor.page();
        advisor.aloneWith("250,000", "5", "25");
        advisor.and("Fixed-rate period").say(Field.RATE_PERIOD, "5");
        String today = "1,461.48";
        assertThat(advisor.total("PAYMENT")).hasText(today);
        advisor.press("show at renewal");
        assertThat(advisor.heading("At renewal on February 1, 2032")).isVisible();
        assertThat(page.getByText("compared with renewing at the rate that ends"))
                .isVisible();
        Locator rungs = page.getByLabel("Rates and their cost").getByRole(AriaRole.BUTTON);
        assertThat(rungs).hasCount(11);
        rungs.first().click();
        String promised = page.getByRole(AriaRole.MENUITEM)
                .filter(new Locator.FilterOptions().setHasText("per payment is calculated"))
                .textContent()
                .replaceAll("[^0-9.,]", "");
        advisor.item("Use this rate from the renewal on");

        assertThat(advisor.figure(Field.RATE)).hasValue("5\u202f%");
        assertThat(advisor.figure(Field.CHANGED_RATE)).hasValue("2.5\u202f%");
        assertThat(advisor.total("PAYMENT")).hasText(today);
        BigDecimal less = amount(today).subtract(amount(promised));
        assertThat(page.getByTestId("period").nth(1)).containsText("−" + less + ", the payment steps down");
    }

    private static BigDecimal amount(String text) {
        return new BigDecimal(text.replace(",", ""));
    }

    @Test
    void speaksEachMarketsWay() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("In two markets", "");
        advisor.say(Field.PRICE, "468,500").say(Field.DOWN_PAYMENT, "17%").say(Field.FIRST_PAYMENT, "Mar 2027");
        assertThat(advisor.total("PAYOFF_DATE")).hasText("February 1, 2057");
        String month = advisor.month().textContent();
        String interest = advisor.total("TOTAL_INTEREST").textContent();
        advisor.press("Change");
        advisor.choose("Market", "United Kingdom");
        advisor.choose("Currency", "GBP");
        advisor.press("Close");

        assertThat(advisor.total("PAYOFF_DATE")).hasText("1 February 2057");
        assertThat(advisor.month()).hasText(month.replace('$', '£'));
        assertThat(advisor.page().getByTestId("sentence")).containsText("deposit, borrowing");
        assertThat(advisor.total("CASH_TO_CLOSE")).hasText("79,645.00");
        assertThat(advisor.page().getByTestId("figures")).containsText("APRC");
        advisor.total("ANNUAL_PERCENTAGE_RATE").click();
        assertThat(advisor.page().getByText("FCA Handbook, MCOB 10A")).isVisible();
        advisor.press("Close");
        assertThat(advisor.total("TOTAL_INTEREST")).hasText(interest);
    }

    @Test
    void saysThatAnotherMarketCompoundsOtherwise() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Compounding", "");
        String month = advisor.month().textContent();
        advisor.press("Change");
        advisor.choose("Market", "Canada");
        assertThat(advisor.page()
                        .getByText("Rates in Canada usually compound half-yearly; here interest compounds monthly."))
                .isVisible();
        advisor.press("Compound half-yearly");
        assertThat(advisor.page().getByText("usually compound")).not().isVisible();
        advisor.press("Close");
        assertThat(advisor.month()).not().hasText(month);
        String compounded = advisor.month().textContent();
        advisor.waitUntilSaved();
        advisor.page().reload();
        assertThat(advisor.month()).hasText(compounded);
    }

    @Test
    void startsACaseInAnotherMarketAndChangesThePracticesOwn() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        advisor.press("New case");
        page.getByLabel("Case name").fill("Over the border");
        advisor.choose("Market", "Canada");
        advisor.press("Create");
        assertThat(page.getByTestId("sentence")).containsText("for a term of");
        assertThat(page.getByText("interest compounds half-yearly")).isVisible();

        advisor.press("Bea Ostrander");
        advisor.item("Practice");
        chooseMarket(page, "Australia");
        stored(page, () -> advisor.choose("Time zone", "Australia/Perth"));
        page.reload();
        assertThat(page.getByLabel(Pattern.compile("^Australia"))).isChecked();
        assertThat(page.getByLabel("Time zone")).containsText("Australia/Perth");
        chooseMarket(page, "United States");
        stored(page, () -> advisor.choose("Time zone", "America/Chicago"));
    }

    private static void chooseMarket(Page page, String market) {
        Locator radio = page.getByLabel(Pattern.compile("^" + market));
        assertThat(radio).isEnabled();
        stored(page, radio::click);
        assertThat(radio).isChecked();
    }

    /** Does something that the practice keeps, and waits until the server has it. */
    private static void stored(Page page, Runnable change) {
        Response answer = page.waitForResponse(
                response -> response.request().method().equals("PUT")
                        && response.url().endsWith("/api/practice"),
                change);
        org.assertj.core.api.Assertions.assertThat(answer.status()).isEqualTo(200);
    }

    private static Locator tab(Advisor advisor, String name) {
        return advisor.page()
                .getByRole(
                        AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
