package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What people earn, owe and have: brought in, changed field by field, and what follows from it beside the limits. */
class HouseholdTest extends Journey {

    @Test
    void bringsListsInAndOut() throws IOException {
        Advisor advisor = beginning("Lists");
        Page page = advisor.page();

        advisor.press("Paste incomes…");
        page.getByLabel("Incomes, one a line").fill("salary 64,800 a year\nwage 31.50\n");
        advisor.press("Take these lines");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Line 2: Say what it is and how often");
        assertThat(incomes(page)).hasCount(0);
        page.getByLabel("Incomes, one a line").fill("salary 64,800 a year\nwage 31.50 an hour, 26 hours\n");
        advisor.press("Take these lines");
        assertThat(incomes(page)).hasCount(2);
        assertThat(advisor.answer()).containsText("They earn 8,949.00 a month.");

        advisor.press("Paste debts…");
        // As a spreadsheet of western Europe writes it.
        byte[] table = "Debt;Kind;Payment;Balance;Months left\nMöbel;loan;89,50;712,00;8\n"
                .getBytes(Charset.forName("windows-1252"));
        page.locator("input[type=file]").setInputFiles(new FilePayload("debts.csv", "text/csv", table));
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What comes in")))
                .hasText("Möbel 89.50, 8 months, 712");
        assertThat(debts(page)).hasCount(0);
        advisor.press("Take these lines");
        assertThat(debts(page)).hasValue("Möbel 89.50, 8 months, 712");
        advisor.press("Paste debts…");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload(
                        "other.csv", "text/csv", ("creditor,owed\n" + "bank,100\n".repeat(50)).getBytes()));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The first line must name the columns: debt, payment");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload(
                        "many.csv",
                        "text/csv",
                        ("debt,payment,balance\n" + "card,10,100\n".repeat(15_000)).getBytes()));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("15000 lines");
        advisor.press("Cancel");
        assertThat(debts(page)).hasCount(1);

        Download saved = page.waitForDownload(() -> advisor.press("Save debts as CSV"));
        Assertions.assertThat(Files.readString(saved.path()))
                .isEqualTo("\ufeffdebt,kind,payment,balance,months left,rate\r\nMöbel,loan,89.50,712.00,8,\r\n");

        assertThat(page.getByText("Add a borrower to fill this from a simulated credit report."))
                .isVisible();
        advisor.press("Add a borrower");
        advisor.press("Fill from a simulated credit report");
        assertThat(list(page, "Debts")).containsText("from a simulated report");
        int reported = debts(page).count();
        advisor.press("Fill from a simulated credit report");
        advisor.waitUntilSaved();
        assertThat(debts(page)).hasCount(reported);
        advisor.press("Undo");
        advisor.press("Undo");
        assertThat(debts(page)).hasCount(1);
        advisor.waitUntilSaved();
    }

    @Test
    void changesALineFieldByFieldAndExplainsWhatCounts() {
        Advisor advisor = beginning("Fields");
        Page page = advisor.page();
        advisor.press("Add an income");
        incomes(page).fill("overtime 96 a week, 50 %");
        page.keyboard().press("Tab");

        Locator more = button(page, "overtime, field by field");
        more.click();
        assertThat(more).hasAttribute("aria-expanded", "true");
        textbox(page, "^Counted").fill("126");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("125");
        textbox(page, "^Counted").fill("75 %");
        page.keyboard().press("Tab");
        assertThat(incomes(page)).hasValue("overtime 96 a week, 75\u202f%");
        list(page, "Incomes")
                .getByRole(AriaRole.BUTTON, named("Income counted a month, 312.00"))
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Share that counts");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("312.00");
        page.keyboard().press("Escape");

        advisor.press("Add a debt");
        debts(page).fill("car 412");
        page.keyboard().press("Tab");
        button(page, "car, field by field").click();
        textbox(page, "^Owed").fill("11,900");
        page.keyboard().press("Tab");
        textbox(page, "^Payments left").fill("31");
        page.keyboard().press("Tab");
        assertThat(debts(page)).hasValue("car 412, 31 months, 11,900");
        // What was said of it in its fields stays when its line is typed over.
        advisor.choose("Kind of debt", "a card");
        textbox(page, "^Paid a month").fill("");
        page.keyboard().press("Tab");
        assertThat(debts(page)).hasValue("car 11,900 owed, 31 months");
        debts(page).fill("car 12,000 owed, 31 months");
        page.keyboard().press("Tab");
        assertThat(textbox(page, "^Owed")).hasValue("12,000");
        assertThat(textbox(page, "^Paid a month")).hasValue("");
        assertThat(page.getByLabel("Kind of debt")).hasText(Pattern.compile("^a card"));
        advisor.press("Pay it off at closing");
        assertThat(list(page, "Debts")).containsText("paid off at closing");
        advisor.press("Keep it");
        assertThat(list(page, "Debts")).not().containsText("paid off at closing");

        advisor.press("Add another home");
        // Nothing counts that nobody has entered.
        assertThat(list(page, "Other homes")).containsText("0.00");
        page.getByLabel("Outgoings a month").fill("700");
        assertThat(list(page, "Other homes")).containsText("−700.00");
        page.getByLabel("Rent a month").fill("1,200");
        assertThat(list(page, "Other homes")).containsText("+200.00");
        page.keyboard().press("Tab");
        advisor.waitUntilSaved();
    }

    @Test
    void takesDebtsPaidOffAndShowsWhereTheyStandAfterwards() {
        Advisor advisor = beginning("Paid off");
        Page page = advisor.page();
        advisor.press("Paste incomes…");
        page.getByLabel("Incomes, one a line").fill("salary 109,884 a year");
        advisor.press("Take these lines");
        advisor.press("Paste debts…");
        page.getByLabel("Debts, one a line").fill("car 412, 31 months, 11,900\ncard 1,405.50, 2,840");
        advisor.press("Take these lines");
        page.getByLabel("Credit score").fill("702");
        page.getByLabel("Money at hand").fill("60,000");
        page.keyboard().press("Tab");
        advisor.press("Alder Savings, conventional");
        // With the score and the money told, nothing on the page moves any more.
        assertThat(advisor.answer()).not().containsText("cannot be told");
        assertThat(page.getByTestId("figures")).containsText("Left after closing");
        assertThat(advisor.answer()).containsText("over what Alder Savings");
        advisor.waitUntilSaved();

        list(page, "Ways to make it fit")
                .getByRole(AriaRole.BUTTON, named(Pattern.compile("^Apply ?: Paying off card with")))
                .click();
        assertThat(advisor.answer()).containsText("a month under what Alder Savings");
        assertThat(list(page, "Debts")).containsText("paid off at closing");
        page.getByLabel("What living costs today, a month").fill("1,850");
        page.keyboard().press("Tab");
        Locator after = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Now and after closing"));
        assertThat(after.getByRole(AriaRole.ROW, rowNamed("Debts a month"))).containsText("−1,405.50");
        advisor.press("Undo");
        advisor.press("Undo");
        assertThat(advisor.answer()).containsText("over what Alder Savings");

        list(page, "Highest rate by debts paid off")
                .getByRole(AriaRole.BUTTON, named(Pattern.compile("^Add as option ?: paying off card at")))
                .click();
        assertThat(page.getByRole(AriaRole.TAB)).hasCount(2);
        assertThat(page.getByRole(AriaRole.TAB).last()).containsText("a debt paid off");
        assertThat(advisor.answer()).not().containsText("over what Alder Savings");
        advisor.waitUntilSaved();
    }

    @Test
    void tellsHowMuchHomeAndAsksTheUnderwritingDesk() {
        Advisor advisor = beginning("How much");
        Page page = advisor.page();
        advisor.press("Paste incomes…");
        page.getByLabel("Incomes, one a line").fill("salary 84,000 a year");
        advisor.press("Take these lines");
        page.getByLabel("Money at hand").fill("45,000");
        page.getByLabel("Credit score").fill("640");
        page.keyboard().press("Tab");
        advisor.press("Alder Savings, conventional");

        Locator largest = page.getByTestId("largest-price");
        assertThat(largest).containsText("They can buy for up to");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Largest price by rate")))
                .isVisible();
        advisor.press("Pre-approval summary…");
        Locator summary = page.getByRole(AriaRole.DIALOG);
        assertThat(summary)
                .containsText("can buy a home for up to " + largest.locator("b").innerText());
        assertThat(summary).not().containsText("84,000");
        page.keyboard().press("Escape");

        advisor.press("Ask a simulated underwriting desk");
        Locator desk = page.getByLabel("Underwriting");
        assertThat(desk).containsText("Simulated: no lender has seen this.");
        assertThat(desk).containsText("Referred to a person");
        assertThat(desk).containsText("20 points short");
        page.getByLabel("Credit score").fill("700");
        page.keyboard().press("Tab");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Apply ?: a price of ")))
                .click();
        assertThat(desk).containsText("Accepted under Alder Savings");
        assertThat(list(page, "Conditions")).containsText("a valuation of the home");
        advisor.waitUntilSaved();
    }

    private Advisor beginning(String title) {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin(title, "");
        advisor.say(Field.PRICE, "413,200").say(Field.DOWN_PAYMENT, "10 %").say(Field.RATE, "6.75");
        advisor.view("Affordability");
        assertThat(advisor.answer()).containsText("No income is entered yet.");
        return advisor;
    }

    private static Locator incomes(Page page) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Income").setExact(true));
    }

    private static Locator debts(Page page) {
        return page.getByLabel("Debt", new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator textbox(Page page, String name) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator list(Page page, String name) {
        return page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(name);
    }

    private static Locator.GetByRoleOptions named(Pattern name) {
        return new Locator.GetByRoleOptions().setName(name);
    }

    private static Locator.GetByRoleOptions rowNamed(String start) {
        return new Locator.GetByRoleOptions().setName(Pattern.compile("^" + start));
    }
}
