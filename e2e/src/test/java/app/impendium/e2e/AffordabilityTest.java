package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Whether it fits, and what would make it fit. */
class AffordabilityTest extends Journey {

    @Test
    void tellsOfTwoEarnersAndFiveDebtsWhatWouldMakeItFit() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Two earners", "");
        advisor.say(Field.PRICE, "413,200").say(Field.DOWN_PAYMENT, "10 %").say(Field.RATE, "6.75");
        advisor.view("Affordability");
        Page page = advisor.page();
        assertThat(advisor.answer()).containsText("No income is entered yet.");

        advisor.press("Add an income");
        incomes(page).last().fill("salary 64,800 a year");
        page.keyboard().press("Enter");
        incomes(page).last().fill("overtime 96 a week, 50 %");
        page.keyboard().press("Enter");
        incomes(page).last().fill("net pay 3,000 a month");
        page.keyboard().press("Tab");
        assertThat(page.getByRole(AriaRole.ALERT))
                .hasText("Net income does not count: enter what is earned before tax.");
        incomes(page).last().fill("31.50 an hour, 26 hours");
        page.keyboard().press("Tab");
        assertThat(list(page, "Incomes")).containsText("5,400.00");
        assertThat(list(page, "Incomes")).containsText("208.00");
        assertThat(list(page, "Incomes")).containsText("3,549.00");
        assertThat(advisor.answer()).containsText("They earn 9,157.00 a month.");

        advisor.press("Add a debt");
        for (String debt :
                new String[] {"car 412, 31 months, 11,900", "student 19,410", "card 95, 2,840", "phone 60"}) {
            debts(page).last().fill(debt);
            page.keyboard().press("Enter");
        }
        debts(page).last().fill("furniture 89, 8 months, 712");
        page.keyboard().press("Tab");
        advisor.press("Conventional");
        assertThat(list(page, "Debts")).containsText("no payment: 1\u202f% of the balance");
        assertThat(list(page, "Debts")).containsText("194.10");
        assertThat(list(page, "Debts")).containsText("no debt to a lender: never counts");
        assertThat(list(page, "Debts")).containsText("left out: 10 or fewer left");
        assertThat(advisor.answer()).containsText("It cannot be told whole: no score given.");
        page.getByLabel("Credit score").fill("702");
        page.keyboard().press("Tab");
        assertThat(advisor.answer()).not().containsText("cannot be told");
        assertThat(advisor.answer()).containsText("of it is committed");
        assertThat(advisor.answer()).containsText("a month over what Conventional");
        assertThat(page.getByRole(AriaRole.NAVIGATION)).containsText("of 36\u202f%");
        advisor.waitUntilSaved();

        Locator ways = list(page, "Ways to make it fit");
        assertThat(ways).containsText("A rate of");
        assertThat(ways).containsText("Paying off");
        ways.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^Add as option ?: A rate of")))
                .click();
        assertThat(page.getByRole(AriaRole.TAB)).hasCount(2);
        assertThat(advisor.answer()).containsText("a month under what Conventional");
        advisor.view("Options");
        assertThat(page.getByTestId("columns")).containsText("not within Conventional");
        assertThat(page.getByTestId("columns")).containsText("✓ within Conventional");
        advisor.view("Affordability");
        ways.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Apply ?: A loan of")))
                .click();
        assertThat(advisor.answer()).containsText(Pattern.compile("a month under what Conventional|just what"));
        advisor.press("Undo");
        advisor.press("Undo");
        assertThat(page.getByRole(AriaRole.TAB)).hasCount(1);
        assertThat(advisor.answer()).containsText("a month over what Conventional");
        advisor.waitUntilSaved();

        pair(page, "Largest loan by rate", "^Apply ?: .* points?, a loan of").click();
        assertThat(advisor.answer()).not().containsText("over what Conventional");
        advisor.view("Options");
        assertThat(page.getByText("priced on 30-year fixed")).isVisible();
        advisor.view("Affordability");
        advisor.press("Undo");
        assertThat(advisor.answer()).containsText("a month over what Conventional");
        advisor.waitUntilSaved();
        pair(page, "Highest rate by debts paid off", "^Add as option ?: paying off car at")
                .click();
        assertThat(page.getByRole(AriaRole.TAB)).hasCount(2);
        assertThat(advisor.answer()).not().containsText("over what Conventional");
        advisor.press("Undo");
        assertThat(page.getByRole(AriaRole.TAB)).hasCount(1);
        assertThat(advisor.answer()).containsText("a month over what Conventional");
        advisor.waitUntilSaved();
        page.reload();
        assertThat(advisor.answer()).containsText("a month over what Conventional");
    }

    @Test
    void testsACanadianLoanAtItsStressedRate() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("12 Cooperage Wharf");
        advisor.view("Affordability");
        Page page = advisor.page();
        assertThat(page.getByTestId("figures")).containsText("tested at 6.39\u202f%");
        assertThat(advisor.answer()).containsText("no value of the home given");
        assertThat(list(page, "Tests of Insured")).containsText("gross debt service at most 39\u202f%");
    }

    @Test
    void asksAgainWhereTheServerHadTooMuchToDo() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Asked again", "");
        advisor.say(Field.PRICE, "413,200").view("Affordability");
        Page page = advisor.page();
        advisor.press("Add an income");
        incomes(page).last().fill("salary 64,800 a year");
        page.keyboard().press("Enter");
        assertThat(advisor.answer()).containsText("They earn 5,400.00 a month.");
        AtomicInteger refused = new AtomicInteger();
        page.route("**/api/affordability/**", route -> {
            if (refused.getAndIncrement() < 2) {
                route.fulfill(new Route.FulfillOptions().setStatus(429));
            } else {
                route.resume();
            }
        });

        incomes(page).last().fill("salary 12,000 a year");
        page.keyboard().press("Tab");

        assertThat(advisor.answer()).containsText("They earn 6,400.00 a month.");
        Assertions.assertThat(refused.get()).isGreaterThan(2);
    }

    private static Locator pair(Page page, String list, String name) {
        return list(page, list)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(name)))
                .first();
    }

    private static Locator incomes(Page page) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Income").setExact(true));
    }

    private static Locator debts(Page page) {
        return page.getByLabel("Debt", new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator list(Page page, String name) {
        return page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
