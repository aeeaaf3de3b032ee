package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Options that are made from rates, from a seller's credit, and from the loan that runs. */
class AlternativesTest extends Journey {

    @Test
    void usesASellersCreditThreeWaysAndThePracticesRates() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Credit", "");
        advisor.say(Field.RATE, "6.25");
        advisor.view("Options").alternative("A seller’s credit, three ways…");
        Page page = advisor.page();
        Locator credit = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Seller credit"));
        credit.fill("500");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ways to use the credit")))
                .containsText("The credit of 500.00 is not enough: the least that works costs");
        credit.fill("9k");
        advisor.press("Add all three");
        assertThat(advisor.row("KEPT_COST")).hasCount(4);
        assertThat(advisor.answer()).containsText("costs least");
        assertThat(page.getByTestId("columns")).containsText("of the seller credit cannot be used; at most");
        assertThat(page.getByTestId("answer")
                        .locator("xpath=following-sibling::div")
                        .first())
                .containsText("priced on 30-year fixed");

        advisor.alternative("From the rate table…");
        advisor.press("Add as option at 6\u202f%");
        assertThat(advisor.column("1.375 points, 6\u202f%")).isVisible();
        page.getByRole(AriaRole.GRID).getByRole(AriaRole.BUTTON).first().click();
        assertThat(advisor.row("KEPT_COST")).hasCount(6);
        assertThat(page.getByText("Six options at the most", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        advisor.waitUntilSaved();
    }

    @Test
    void saysThatAnOptionWasPricedForAnotherLoan() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Priced again", "");
        advisor.view("Options").alternative("From the rate table…");
        Page page = advisor.page();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Add-ons counted")))
                .hasText("0.375 points above 75\u202f% and up to 80\u202f%, score 0 to 739");
        advisor.press("Add as option at 6\u202f%");
        Locator columns = page.getByTestId("columns");
        assertThat(columns).not().containsText("the table now asks");

        advisor.column("1.375 points, 6\u202f%").click();
        advisor.item("Edit its sentence");
        advisor.say(Field.DOWN_PAYMENT, "25%");
        assertThat(columns).containsText("Priced at 80\u202f% of the value; the table now asks 1 point.");
        advisor.press("Price again");

        assertThat(columns).not().containsText("the table now asks");
        assertThat(advisor.column("1 point, 6\u202f%")).isVisible();
        advisor.waitUntilSaved();
        page.reload();
        assertThat(advisor.column("1 point, 6\u202f%")).isVisible();
        assertThat(columns).not().containsText("the table now asks");
    }

    @Test
    void comparesRefinancingALoanThatRuns() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        advisor.press("New case");
        Page page = advisor.page();
        page.getByLabel("Case name").fill("A loan that runs");
        advisor.choose("Begins from", "A loan that runs: to refinance it");
        page.getByLabel("Balance").fill("233,814.98");
        page.getByLabel("Interest rate").fill("6.625");
        advisor.press("Create");
        assertThat(page.getByRole(AriaRole.ALERT))
                .hasText("Enter three of the four figures of the loan, or all of them.");
        page.getByLabel("Time left").fill("23y 4m");
        page.getByLabel("Payment today").fill("1700");
        advisor.press("Create");
        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText("These four do not agree: at 6.625\u202f%, 1,700.00 pays 233,814.98 off in");
        page.getByLabel("Payment today").fill("1642.40");
        advisor.press("Create");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("233,814.98");

        advisor.press("Change");
        advisor.press("Add a debt");
        page.getByLabel("Name of the debt").fill("Car loan");
        page.getByLabel("Balance of the debt").fill("8250");
        page.getByLabel("Payment of the debt a month").fill("455");
        page.getByLabel("Rate of the debt").fill("0");
        advisor.press("Close");
        advisor.view("Options").alternative("Refinance at 5.875\u202f%, debts paid off");
        advisor.column("refinanced at").click();
        advisor.item("Edit its sentence");
        advisor.say(Field.RATE, "5.75").say(Field.TERM, "20");

        assertThat(page.getByTestId("sentence")).containsText("Car loan 8,250");
        assertThat(advisor.row("PAYMENT").nth(1)).containsText("1,699.50");
        assertThat(advisor.row("MONTH").nth(1)).containsText("−397.90");
        assertThat(advisor.row("PAYBACK").nth(1)).containsText("month");
        assertThat(advisor.row("CHANGE_FROM_TODAY").nth(1)).containsText("+57.10");
        advisor.waitUntilSaved();
    }

    @Test
    void renewsARateThatEndsAsACaseOfItsOwn() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        advisor.press("New case");
        Page page = advisor.page();
        page.getByLabel("Case name").fill("Rate that ends");
        advisor.choose("Market", "Canada");
        advisor.press("Create");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).isVisible();
        String balance = page.getByTestId("total-RATE_END_BALANCE").textContent();
        String payment = page.getByTestId("total-PAYMENT").textContent();
        advisor.view("Options").alternative("The renewal, as a case of its own");

        assertThat(page).hasTitle(Pattern.compile("Rate that ends, renewal 20\\d\\d · Impendium"));
        assertThat(advisor.row("CHANGE_FROM_TODAY")).hasCount(3);
        assertThat(advisor.row("CHANGE_FROM_TODAY").nth(2)).containsText("+");
        advisor.row("CHANGE_FROM_TODAY").nth(2).getByRole(AriaRole.BUTTON).click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText(payment);
        advisor.press("Close");
        advisor.alternative("renewed at 4.1\u202f%");
        assertThat(advisor.row("KEPT_COST")).hasCount(4);
        advisor.view("Loan");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue(balance.replaceAll("\\.00$", ""));
    }
}
