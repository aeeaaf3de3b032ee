package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What is typed key by key, at a person's speed: it is shown, saved, and there again after a reload. */
class EntriesTest extends Journey {
    private static final double BETWEEN_KEYS_MS = 80;

    @Test
    void keepsAFirstRentThatIsTyped() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("First rent", "");
        Page page = advisor.page();
        advisor.view("Rental").press("It is to let");
        Locator likely = page.getByLabel("Likely rent");
        typeOver(likely, "1950");
        assertThat(likely).hasValue("1950");
        likely.press("Enter");
        assertThat(likely).hasValue("1,950");

        reloadSaved(advisor);
        assertThat(page.getByLabel("Likely rent")).hasValue("1,950");
        assertThat(advisor.answer()).containsText("a month");
    }

    @Test
    void typesOverAFigureThatHasTheFocusAlready() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Price at once", "");
        Locator price = advisor.figure(Field.PRICE);
        assertThat(price).isFocused();
        price.click();
        type(price, "512,400");
        assertThat(price).hasValue("512,400");
        price.press("Tab");

        reloadSaved(advisor);
        assertThat(advisor.figure(Field.PRICE)).hasValue("512,400");
    }

    @Test
    void savesWhatIsFinishedBesideALineThatCannotBeRead() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("One bad line", "");
        Page page = advisor.page();
        advisor.view("Affordability");
        advisor.press("Add an income");
        Locator income = page.getByLabel("Income", new Page.GetByLabelOptions().setExact(true));
        typeOver(income, "salary 45 goats");
        income.press("Enter");
        assertThat(income).hasAttribute("aria-invalid", "true");
        income.press("Enter");
        assertThat(page.getByLabel("Income", new Page.GetByLabelOptions().setExact(true)))
                .hasCount(1);

        advisor.view("Loan");
        Locator price = advisor.figure(Field.PRICE);
        typeOver(price, "431,900");
        price.press("Tab");
        assertThat(advisor.saved()).hasText("Not saved: fix the marked entry");
        // The line leads back to itself, in its own view.
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName("fix the marked entry")
                                .setExact(true))
                .click();
        assertThat(income).isFocused();
        assertThat(income).hasValue("salary 45 goats");
        typeOver(income, "salary 72k");
        income.press("Tab");
        assertThat(income).hasValue("salary 72,000 a year");

        reloadSaved(advisor);
        assertThat(page.getByLabel("Income", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("salary 72,000 a year");
        advisor.view("Loan");
        assertThat(advisor.figure(Field.PRICE)).hasValue("431,900");
    }

    @Test
    void savesWhatAReloadCutOff() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Cut off", "");
        Page page = advisor.page();
        page.onDialog(dialog -> dialog.accept());
        Locator price = advisor.figure(Field.PRICE);
        typeOver(price, "398,750");
        page.reload();

        assertThat(advisor.figure(Field.PRICE)).hasValue("398,750");
        advisor.waitUntilSaved();
    }

    @Test
    void takesTaxAndFeesAsTheyAreQuoted() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("As quoted", "");
        Page page = advisor.page();
        advisor.press("Change");
        Locator tax = advisor.cost("Property tax");
        typeOver(tax, "385 a month");
        tax.press("Tab");
        assertThat(tax).hasValue("4,620");
        Locator fees = advisor.cost("Loan fees");
        typeOver(fees, "$1,499");
        fees.press("Tab");
        assertThat(fees).hasValue("1,499");
        Locator charge = advisor.cost("Prepayment charge");
        typeOver(charge, "2");
        charge.press("Tab");
        assertThat(page.getByText("Is that 2 % or an amount of 2? Type 2 % or 2.00."))
                .isVisible();
        typeOver(charge, "2 %");
        charge.press("Tab");

        reloadSaved(advisor);
        advisor.press("Change");
        assertThat(advisor.cost("Property tax")).hasValue("4,620");
        assertThat(advisor.cost("Loan fees")).hasValue("1,499");
    }

    /** Whatever the headlines of the other views tell: they come with the figures. */
    @Test
    void asksOnceForEachKey() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("One question", "");
        advisor.press("Add option…").item("Duplicate");
        advisor.waitUntilSaved();
        List<String> asked = new CopyOnWriteArrayList<>();
        advisor.page().onRequest(request -> {
            if (request.method().equals("POST")) {
                asked.add(URI.create(request.url()).getPath());
            }
        });
        String rate = "6.25";
        typeOver(advisor.figure(Field.RATE), rate);
        advisor.figure(Field.RATE).press("Tab");

        advisor.waitUntilSaved();
        // The ladder is what this view shows beside.
        Assertions.assertThat(asked).containsOnly("/api/figures", "/api/ladders/1");
        Assertions.assertThat(asked)
                .filteredOn(path -> path.equals("/api/figures"))
                .hasSizeBetween(1, rate.length());
    }

    private static void typeOver(Locator field, String text) {
        field.click();
        type(field, text);
    }

    private static void type(Locator field, String text) {
        field.pressSequentially(text, new Locator.PressSequentiallyOptions().setDelay(BETWEEN_KEYS_MS));
    }

    private static void reloadSaved(Advisor advisor) {
        advisor.waitUntilSaved();
        advisor.page().reload();
        assertThat(advisor.saved()).containsText("Saved");
    }
}
