package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The practice's rate tables. */
class RatesTest extends Journey {

    @Test
    void areTypedPastedAndFilledByTheSimulatedDesk() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        page.navigate("/practice");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Rates"))
                .click();
        advisor.press("Add a rate table");
        page.getByLabel("Name of the table").fill("20-year fixed");
        page.getByLabel("Term", new Page.GetByLabelOptions().setExact(true)).fill("20");
        page.getByLabel("Day of the rates").fill("1 Nov 2026");
        page.getByLabel("Rate", new Page.GetByLabelOptions().setExact(true)).fill("5 3/4");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Rate", new Page.GetByLabelOptions().setExact(true))
                        .nth(1))
                .hasValue("5.625\u202f%");
        page.getByLabel("Points, negative for a lender credit").nth(1).fill("1.25");
        advisor.press("Paste or open CSV…");
        page.getByLabel("Comma-separated values").fill("rate, points\n5.5, 2\nfive, 1\n");
        advisor.press("Take these lines");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Line 3, rate percent: five is no number.");
        page.getByLabel("Comma-separated values")
                .fill("ltv above, ltv up to, score from, score to, points\n80, 97, 0, 719, 0.25\n");
        advisor.press("Take these lines");
        assertThat(page.getByLabel("Points added")).hasValue("0.25");
        page.getByLabel("Points added").fill("some");
        advisor.press("Save");
        assertThat(page.getByRole(AriaRole.ALERT).first()).hasText("Fix the marked entry first.");
        assertThat(page.getByRole(AriaRole.ALERT).last()).hasText("Enter points such as 1.25, or −0.5 for a credit.");
        page.getByLabel("Points added").fill("0.25");
        advisor.press("Save");

        Locator line = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rate tables"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("20-year fixed"));
        assertThat(line).containsText("20 years, 2 rates from 5.625\u202f% to 5.75\u202f%");
        assertThat(line).containsText("stale");
        advisor.press("Edit 20-year fixed");
        page.getByLabel("Rate", new Page.GetByLabelOptions().setExact(true))
                .nth(1)
                .fill("5.75");
        page.keyboard().press("Tab");
        advisor.press("Save");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("The rate of 5.75 % stands in this table twice.");
        advisor.press("Fill from the simulated rate desk");
        assertThat(page.getByText("simulated", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        advisor.press("Save");
        assertThat(line).containsText("simulated");
        advisor.press("Delete 20-year fixed");
        advisor.press("Delete");
        assertThat(line).hasCount(0);
        advisor.press("Undo");
        assertThat(line).containsText("simulated");
        advisor.press("Delete 20-year fixed");
        advisor.press("Delete");
        assertThat(line).hasCount(0);
    }
}
