package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An advisor begins a case, changes it and finds it again. */
class FirstCaseTest extends Journey {

    @Test
    void beginsACaseAndSeesTheExactPayment() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Lot 3, Fern Rise", "Odile Brandt 🌿");

        advisor.say(Field.PRICE, "312,700")
                .say(Field.DOWN_PAYMENT, "15%")
                .say(Field.RATE, "5 1/2")
                .say(Field.TERM, "25y")
                .say(Field.FIRST_PAYMENT, "Mar 2027");

        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("265,795");
        assertThat(advisor.total("PAYMENT")).hasText("1,632.21");
        assertThat(advisor.total("PAYMENTS")).hasText("300");
        assertThat(advisor.total("PAYOFF_DATE")).hasText("February 1, 2052");
        assertThat(advisor.total("LOAN_TO_VALUE")).hasText("85.00\u202f%");
        assertThat(advisor.page().getByTestId("sentence")).containsText("paid monthly");
        assertThat(advisor.page().getByTestId("sentence")).not().containsText("..");
        advisor.waitUntilSaved();
    }

    @Test
    void findsItsFiguresAgainAfterSigningOut() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Kept overnight", "");
        advisor.say(Field.PRICE, "287,450").say(Field.DOWN_PAYMENT, "61k");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("226,450");
        advisor.waitUntilSaved();
        String monthly = advisor.month().textContent();

        advisor.press("Bea Ostrander");
        advisor.page().getByText("Sign out").click();
        assertThat(advisor.page().getByLabel("Password")).isVisible();
        advisor.signIn(Advisor.EMAIL).open("Kept overnight");

        assertThat(advisor.month()).hasText(monthly);
        assertThat(advisor.figure(Field.PRICE)).hasValue("287,450");
        assertThat(advisor.figure(Field.DOWN_PAYMENT)).hasValue("61,000");
    }

    @Test
    void worksFromTheKeyboardAlone() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Keyboard keys = advisor.page().keyboard();
        Locator search = advisor.page().getByLabel("Search cases");
        assertThat(search).isFocused();
        search.blur();
        keys.press("n");
        assertThat(advisor.page().getByLabel("Case name")).isFocused();
        keys.type("From the keys");
        keys.press("Tab");
        keys.type("Ines Marlowe");
        keys.press("Enter");
        assertThat(advisor.figure(Field.PRICE)).isVisible();

        advisor.figure(Field.PRICE).focus();
        keys.press("ArrowUp");
        assertThat(advisor.figure(Field.PRICE)).hasValue("401,000");
        keys.press("Shift+ArrowDown");
        assertThat(advisor.figure(Field.PRICE)).hasValue("391,000");
        keys.press("Tab");
        keys.press("Tab");
        keys.press("Tab");
        assertThat(advisor.figure(Field.RATE)).isFocused();
        keys.press("ArrowDown");
        assertThat(advisor.figure(Field.RATE)).hasValue("6.375\u202f%");
        keys.press("Tab");
        keys.press("ArrowDown");
        assertThat(advisor.figure(Field.TERM)).hasValue("29 years");
        keys.press("Tab");
        keys.press("Enter");
        assertThat(choice(advisor, "monthly")).isFocused();
        for (String next : List.of("twice a month", "every two weeks", "weekly", "every two weeks, accelerated")) {
            keys.press("ArrowDown");
            assertThat(choice(advisor, next)).isFocused();
        }
        keys.press("Enter");
        assertThat(advisor.total("PAYMENTS")).hasText("612");
        advisor.waitUntilSaved();
    }

    private static Locator choice(Advisor advisor, String words) {
        return advisor.page()
                .getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(words).setExact(true));
    }

    @Test
    void followsEachKeyPress() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("14 Quarry Lane");
        advisor.figure(Field.RATE).click();

        advisor.page().keyboard().type("7");
        assertThat(advisor.total("PAYMENT")).hasText("2,587.06");
        advisor.page().keyboard().type(".5");
        assertThat(advisor.total("PAYMENT")).hasText("2,718.93");
        advisor.page().keyboard().press("Escape");
        assertThat(advisor.total("PAYMENT")).hasText("2,362.72");
        assertThat(advisor.figure(Field.RATE)).hasValue("6.125\u202f%");
    }

    @Test
    void goesBackAndForthThroughChanges() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).open("Flat 9, Weir House");
        String first = advisor.month().textContent();
        advisor.say(Field.TERM, "20").say(Field.PRICE, "240k").say(Field.RATE, "5");
        assertThat(advisor.figure(Field.RATE)).hasValue("5\u202f%");

        for (int step = 0; step < 3; step++) {
            advisor.page().keyboard().press("Control+z");
        }
        assertThat(advisor.month()).hasText(first);
        assertThat(advisor.figure(Field.TERM)).hasValue("15 years 6 months");
        advisor.page().keyboard().press("Control+Shift+z");
        assertThat(advisor.figure(Field.TERM)).hasValue("20 years");
        advisor.press("Undo");
        assertThat(advisor.month()).hasText(first);
    }

    @Test
    void keepsPriceMoneyDownAndLoanInStep() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("In step", "");
        advisor.say(Field.PRICE, "300k").say(Field.DOWN_PAYMENT, "10%");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("270,000");
        advisor.say(Field.LOAN_AMOUNT, "250k");
        assertThat(advisor.figure(Field.DOWN_PAYMENT)).hasValue("50,000");
        advisor.say(Field.PRICE, "310k");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("260,000");

        advisor.figure(Field.PRICE).fill("");
        advisor.figure(Field.PRICE).press("Tab");
        assertThat(advisor.page().getByTestId("sentence")).containsText("Borrowing");
        assertThat(advisor.figure(Field.LOAN_AMOUNT)).hasValue("260,000");
        assertThat(advisor.total("LOAN_TO_VALUE")).hasCount(0);

        advisor.press("Add…");
        advisor.page().getByText("Purchase price").click();
        assertThat(advisor.figure(Field.PRICE)).hasValue("260,000");
    }

    @Test
    void changesCostsAndConventionsInTheDrawer() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("Costs", "");
        Page page = advisor.page();
        advisor.press("Change");
        advisor.cost("Property tax").fill("3,600");
        advisor.cost("Association dues").fill("120");
        assertThat(page.getByTestId("month-Property tax")).hasText("300.00");
        assertThat(page.getByTestId("month-Dues")).hasText("120.00");

        page.getByLabel("Interest compounds").click();
        choice(advisor, "half-yearly").click();
        assertThat(advisor.total("EFFECTIVE_RATE")).hasText("6.6056\u202f%");
        assertThat(page.getByTestId("restated")).containsText("6.413688\u202f% compounding monthly");
        advisor.cost("Other").fill("much");
        assertThat(page.getByText("Enter an amount such as 468,500 or 82k.")).isVisible();
        advisor.press("Close");
        assertThat(page.getByTestId("month-Dues")).hasText("120.00");
    }

    @Test
    void listsItsKeys() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Locator search = advisor.page().getByLabel("Search cases");
        search.press("?");
        assertThat(search).hasValue("?");
        search.blur();
        advisor.page().keyboard().press("?");

        assertThat(advisor.heading("Keyboard shortcuts")).isVisible();
        assertThat(advisor.page().getByText("new case", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void findsACaseAsOneTypes() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        advisor.page().getByLabel("Search cases").fill("cinder");

        assertThat(advisor.page().getByRole(com.microsoft.playwright.options.AriaRole.LISTITEM))
                .hasCount(1);
        assertThat(advisor.page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lot 6, Cinder Hill")))
                .isVisible();
        advisor.page().getByLabel("Search cases").fill("no such");
        assertThat(advisor.page().getByText("No title or client contains “no such”."))
                .isVisible();
    }
}
