package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What people earn and owe is theirs: it stands in no address and no line of the log. */
class PrivacyTest extends Journey {
    /** Figures and names that stand nowhere else. */
    private static final List<String> PERSONAL = List.of(
            "87,413.29",
            "8741329",
            "87413",
            "1,739.46",
            "173946",
            "1739",
            "Quillfeather",
            "gondola",
            "31,864",
            "3186400");

    @Test
    void nothingPersonalIsWrittenDownOnTheWay() {
        Advisor advisor = someone().signIn(Advisor.EMAIL).begin("For the log", "");
        Page page = advisor.page();
        List<String> addresses = new ArrayList<>();
        page.onRequest(request -> addresses.add(request.url()));
        int before = log().size();
        advisor.view("Affordability");
        advisor.press("Add a borrower");
        page.getByLabel("Name of the borrower").fill("Zephyrine Quillfeather");
        page.keyboard().press("Tab");
        advisor.press("Paste incomes…");
        page.getByLabel("Incomes, one a line").fill("salary 87,413.29 a year");
        advisor.press("Take these lines");
        assertThat(advisor.answer()).containsText("They earn 7,284.44 a month.");
        advisor.press("Paste debts…");
        // Refused by the server, each at its line.
        page.getByLabel("Debts, one a line")
                .fill("debt,payment,balance\ngondola,1739.46,31864\nQuillfeather loan,-1739.46,\n");
        advisor.press("Take these lines");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Line 3");
        page.getByLabel("Debts, one a line").fill("debt,payment,balance\ngondola,1739.46,31864\n");
        advisor.press("Take these lines");
        assertThat(page.getByRole(
                        AriaRole.LIST,
                        new Page.GetByRoleOptions().setName("Debts").setExact(true)))
                .containsText("1,739.46");
        advisor.press("Fill from a simulated credit report");
        assertThat(page.getByText("from a simulated report").first()).isVisible();
        advisor.press("Ask a simulated underwriting desk");
        assertThat(page.getByText("Simulated: no lender has seen this.")).isVisible();
        assertThat(page.getByTestId("largest-price")).isVisible();
        advisor.view("Options");
        advisor.waitUntilSaved();

        Assertions.assertThat(addresses).isNotEmpty();
        List<String> written = log().subList(before, log().size());
        Assertions.assertThat(written).as("the refused list is in the log").anyMatch(line -> line.contains("422"));
        for (String personal : PERSONAL) {
            Assertions.assertThat(addresses).noneMatch(address -> address.contains(personal));
            Assertions.assertThat(written).noneMatch(line -> line.contains(personal));
        }
    }
}
