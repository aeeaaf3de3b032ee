package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** An advisor begins a case, changes it and finds it again. */
class FirstCaseTest extends Journey {

    @Test
    void beginsACaseAndSeesTheExactPayment() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Lot 3, Fern Rise", "Odile Brandt 🌿");

        advisor.say("Price", "312,700")
                .say("Money down", "15%")
                .say("Yearly rate", "5 1/2")
                .say("Term", "25y")
                .say("First payment", "Mar 2027");

        assertThat(advisor.figure("Loan amount")).hasValue("265,795");
        assertThat(advisor.total("Each payment")).hasText("1,632.21");
        assertThat(advisor.total("Payments")).hasText("300");
        assertThat(advisor.total("Paid off")).hasText("February 1, 2052");
        assertThat(advisor.total("Loan to value")).hasText("85.00\u202f%");
        assertThat(advisor.page().getByTestId("sentence")).containsText("paid monthly");
        assertThat(advisor.page().getByTestId("sentence")).not().containsText("..");
        advisor.waitUntilSaved();
    }

    @Test
    void findsItsFiguresAgainAfterSigningOut() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Kept overnight", "");
        advisor.say("Price", "287,450").say("Money down", "61k");
        assertThat(advisor.figure("Loan amount")).hasValue("226,450");
        advisor.waitUntilSaved();
        String monthly = advisor.month().textContent();

        advisor.press("Bea Ostrander");
        advisor.page().getByText("Sign out").click();
        assertThat(advisor.page().getByLabel("Password")).isVisible();
        advisor.signIn(Advisor.EMAIL).open("Kept overnight");

        assertThat(advisor.month()).hasText(monthly);
        assertThat(advisor.figure("Price")).hasValue("287,450");
        assertThat(advisor.figure("Money down")).hasValue("61,000");
    }

    @Test
    void worksFromTheKeyboardAlone() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Keyboard keys = advisor.page().keyboard();
        advisor.page().locator("body").press("n");
        keys.type("From the keys");
        keys.press("Tab");
        keys.type("Ines Marlowe");
        keys.press("Enter");
        assertThat(advisor.figure("Price")).isVisible();

        advisor.figure("Price").focus();
        keys.press("ArrowUp");
        assertThat(advisor.figure("Price")).hasValue("401,000");
        keys.press("Shift+ArrowDown");
        assertThat(advisor.figure("Price")).hasValue("391,000");
        keys.press("Tab");
        keys.press("Tab");
        keys.press("Tab");
        assertThat(advisor.figure("Yearly rate")).isFocused();
        keys.press("ArrowDown");
        assertThat(advisor.figure("Yearly rate")).hasValue("6.375\u202f%");
        keys.press("Tab");
        keys.press("ArrowDown");
        assertThat(advisor.figure("Term")).hasValue("29 years");
        keys.press("Tab");
        keys.press("Enter");
        keys.type("every two weeks,");
        keys.press("Enter");
        assertThat(advisor.total("Payments")).hasText("612");
        advisor.waitUntilSaved();
    }

    @Test
    void followsEachKeyPress() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        advisor.figure("Yearly rate").click();

        advisor.page().keyboard().type("7");
        assertThat(advisor.total("Each payment")).hasText("2,587.06");
        advisor.page().keyboard().type(".5");
        assertThat(advisor.total("Each payment")).hasText("2,718.93");
        advisor.page().keyboard().press("Escape");
        assertThat(advisor.total("Each payment")).hasText("2,362.72");
        assertThat(advisor.figure("Yearly rate")).hasValue("6.125\u202f%");
    }

    @Test
    void goesBackAndForthThroughChanges() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("Flat 9, Weir House");
        String first = advisor.month().textContent();
        advisor.say("Term", "20").say("Price", "240k").say("Yearly rate", "5");
        assertThat(advisor.figure("Yearly rate")).hasValue("5\u202f%");

        for (int step = 0; step < 3; step++) {
            advisor.page().keyboard().press("Control+z");
        }
        assertThat(advisor.month()).hasText(first);
        assertThat(advisor.figure("Term")).hasValue("15 years 6 months");
        advisor.page().keyboard().press("Control+Shift+z");
        assertThat(advisor.figure("Term")).hasValue("20 years");
        advisor.press("Undo");
        assertThat(advisor.month()).hasText(first);
    }

    @Test
    void keepsPriceMoneyDownAndLoanInStep() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("In step", "");
        advisor.say("Price", "300k").say("Money down", "10%");
        assertThat(advisor.figure("Loan amount")).hasValue("270,000");
        advisor.say("Loan amount", "250k");
        assertThat(advisor.figure("Money down")).hasValue("50,000");
        advisor.say("Price", "310k");
        assertThat(advisor.figure("Loan amount")).hasValue("260,000");

        advisor.figure("Price").fill("");
        advisor.figure("Price").press("Tab");
        assertThat(advisor.page().getByTestId("sentence")).containsText("Borrowing");
        assertThat(advisor.figure("Loan amount")).hasValue("260,000");
        assertThat(advisor.total("Loan to value")).hasCount(0);

        advisor.press("and…");
        advisor.page().getByText("it buys a home at a price").click();
        assertThat(advisor.figure("Price")).hasValue("260,000");
    }

    @Test
    void changesCostsAndConventionsInTheDrawer() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Costs", "");
        Page page = advisor.page();
        advisor.press("Change");
        page.getByLabel("Property tax").fill("3,600");
        page.getByLabel("Association dues").fill("120");
        assertThat(page.getByTestId("month-Property tax")).hasText("300.00");
        assertThat(page.getByTestId("month-Dues")).hasText("120.00");

        page.getByLabel("Interest compounds").click();
        page.getByText("half-yearly").click();
        assertThat(advisor.total("Effective yearly rate")).hasText("6.6056\u202f%");
        page.getByLabel("Other").fill("much");
        assertThat(page.getByText("Enter an amount such as 468,500 or 82k.")).isVisible();
        advisor.press("Close");
        assertThat(page.getByTestId("month-Dues")).hasText("120.00");
    }

    @Test
    void listsItsKeys() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        advisor.page().locator("body").press("?");

        assertThat(advisor.heading("Keys")).isVisible();
        assertThat(advisor.page().getByText("begin a case", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void findsACaseAsOneTypes() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        advisor.page().getByLabel("Search cases").fill("cinder");

        assertThat(advisor.page().getByRole(com.microsoft.playwright.options.AriaRole.LISTITEM))
                .hasCount(1);
        assertThat(advisor.page().getByText("Lot 6, Cinder Hill")).isVisible();
        advisor.page().getByLabel("Search cases").fill("no such");
        assertThat(advisor.page().getByText("No title or client contains “no such”."))
                .isVisible();
    }
}
