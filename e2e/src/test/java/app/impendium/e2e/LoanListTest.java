package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Lists brought in from files of others: matched, looked at, mended, kept or stopped. */
class LoanListTest extends Journey {

    @Test
    void aListOfLoansIsMatchedAndItsFaultyLinesAreMendedOutside() throws IOException {
        Advisor advisor = someone().signIn(Advisor.EMAIL);
        Page page = advisor.page();
        advisor.press("Open a file…");
        Locator dialog = page.getByRole(AriaRole.DIALOG);

        choose(dialog, "Akte,amount,rate,years\nPelican Wharf 1,250000,65,30\nPelican Wharf 2,300000,6,25\n");
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("Line 1: The first line must name the columns");
        advisor.choose("Column of case", "Akte");
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("Line 2, rate: 65\u202f% is not allowed here");
        assertThat(comesIn(dialog))
                .containsText("1 loan with the conventions of United States, in USD. Property tax, insurance and dues");
        Path faulty = page.waitForDownload(() -> advisor.press("Save the faulty lines as CSV"))
                .path();
        String mended = Files.readString(faulty).replace("250000,65", "250000,6.5");
        advisor.press("Import 1 case, without 1 faulty line");
        assertThat(dialog.getByText("1 case imported; 1 faulty line left out.")).isVisible();
        advisor.press("Close");
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Pelican Wharf 2")))
                .containsText("loan payment only to");

        advisor.press("Open a file…");
        choose(dialog, mended);
        advisor.choose("Column of case", "Akte");
        assertThat(comesIn(dialog)).containsText("1,580.17");
        advisor.press("Import 1 case");
        assertThat(dialog.getByText("1 case imported.")).isVisible();
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
        advisor.press("Import 30,000 cases");
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
