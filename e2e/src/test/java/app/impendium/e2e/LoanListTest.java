package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Lists brought in from files of others: matched, looked at, mended, kept or stopped. */
class LoanListTest extends Journey {

    @Test
    void aListOfLoansIsMatchedMendedAndKept() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        advisor.press("Open a file…");
        Locator dialog = page.getByRole(AriaRole.DIALOG);

        choose(dialog, "Akte,amount,rate,years\nPelican Wharf 1,250000,65,30\nPelican Wharf 2,300000,6,25\n");
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("Line 1: The first line must name the columns");
        advisor.choose("Column of case", "Akte");
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("Line 2, rate: 65\u202f% is not allowed here");
        assertThat(comesIn(dialog))
                .containsText("1 loan with the usual terms of United States, in USD; nothing is kept");
        assertThat(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep 1 as new cases")))
                .isDisabled();

        choose(dialog, "case,amount,rate,years\nPelican Wharf 1,250000,6.5,30\nPelican Wharf 2,300000,6,25\n");
        assertThat(comesIn(dialog)).containsText("1,580.17");
        advisor.press("Keep 2 as new cases");
        assertThat(dialog.getByText("2 cases kept.")).isVisible();
        advisor.press("Close");
        advisor.open("Pelican Wharf 1");
        assertThat(advisor.month()).hasText("$1,580.17");
    }

    @Test
    void aLongListShowsHowFarItIsAndCanBeStopped() {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        advisor.press("Open a file…");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        choose(
                dialog,
                "case,amount,rate,years\n"
                        + IntStream.range(0, 30_000)
                                .mapToObj(i -> "Stopped " + i + ",250000,6.5,30\n")
                                .collect(Collectors.joining()));
        advisor.press("Keep 30,000 as new cases");
        assertThat(dialog.getByText("Keeping:")).isVisible();
        advisor.press("Stop");

        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("Stopped. Nothing was kept.");
        advisor.press("Cancel");
        page.getByLabel("Search cases").fill("Stopped");
        assertThat(page.getByText("No title or client contains “Stopped”.")).isVisible();
    }

    @Test
    void whatComesInIsSeenBeforeItIsTaken() {
        Advisor advisor = someone()
                .signIn(Advisor.EMAIL)
                .begin("Two Lanes, with lists", "")
                .view("Affordability");
        Page page = advisor.page();
        advisor.press("Paste debts…");
        page.getByLabel("Debts, one a line").fill("Glaeubiger;Rate im Monat;offen\nHeron card;120,50;2400\n");
        advisor.choose("Column of debt", "Glaeubiger");
        advisor.choose("Column of payment", "Rate im Monat");
        advisor.choose("Column of balance", "offen");

        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What comes in")))
                .hasText("Heron card 120.50, 2,400");
        advisor.press("Take these lines");

        assertThat(page.getByRole(
                        AriaRole.LIST,
                        new Page.GetByRoleOptions().setName("Debts").setExact(true)))
                .containsText("Heron card");
    }

    private static Locator comesIn(Locator dialog) {
        return dialog.getByRole(AriaRole.STATUS, new Locator.GetByRoleOptions().setName("What comes in"));
    }

    private static void choose(Locator dialog, String contents) {
        dialog.getByLabel("Choose a file…")
                .setInputFiles(new FilePayload("loans.csv", "text/csv", contents.getBytes(StandardCharsets.UTF_8)));
    }
}
