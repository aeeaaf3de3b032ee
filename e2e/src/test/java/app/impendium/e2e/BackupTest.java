package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.e2e.LauncherScripts.Outcome;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A backup that is put into an empty folder holds every case with the same figures; what is none is refused. */
class BackupTest {
    /** Every case of the practice with its figures, as one text. */
    private static final String ALL_CASES = """
            async () => {
              const token = /XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]
              const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
              const { cases } = await (await fetch('/api/cases')).json()
              const told = []
              for (const { id } of cases) {
                const { document, revision } = await (await fetch('/api/cases/' + id)).json()
                const body = JSON.stringify(document)
                const figures = await (await fetch('/api/evaluations', { method: 'POST', headers, body })).text()
                told.push(id + ' ' + revision + ' ' + body + ' ' + figures)
              }
              return told.sort().join('\\n')
            }
            """;

    private Path folder;
    private LauncherScripts here;
    private LauncherScripts elsewhere;

    @BeforeEach
    void twoDataFolders() throws IOException {
        folder = Files.createTempDirectory("backup");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        here = new LauncherScripts(folder.resolve("here"));
        elsewhere = new LauncherScripts(folder.resolve("elsewhere"));
    }

    @AfterEach
    void stopTheDatabases() {
        for (LauncherScripts each : new LauncherScripts[] {here, elsewhere}) {
            each.run("find_cluster postgres; stop_cluster \"$CLUSTER\"; forget_cluster postgres");
        }
        here.run("rm -rf '" + folder + "'");
    }

    @Test
    void everyCaseHasTheSameFiguresWhereABackupIsRestored() throws IOException {
        Path file = folder.resolve("kept.backup");
        try (Playwright playwright = Playwright.create();
                Browser browser = Chromium.launch(playwright)) {
            String before;
            try (ApplicationProcess application =
                    ApplicationProcess.start(database(here, "ensure_database impendium"))) {
                before = allCases(browser, application);
                theMachineLetsSomebodyIn(browser, application);
                Outcome backup = here.run("back_up '" + file + "'");
                assertThat(backup.status()).as(backup.output()).isZero();
            }
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                    .isEqualTo("rw-------");
            assertThat(here.run("back_up '" + file + "'").output()).contains("There is a file");

            refuses(elsewhere, "is no backup, or not whole.", "head -c 20000 '" + file + "' >bad");
            refuses(elsewhere, "is broken.", """
                    mkdir x; tar -xf '%s' -C x; printf x >>x/database; tar -cf bad -C x about database""".formatted(file));
            refuses(elsewhere, "was written by a newer Impendium.", """
                    mkdir x; tar -xf '%s' -C x; sed -i 's/^schema=.*/schema=999/' x/about
                    tar -cf bad -C x about database""".formatted(file));

            Outcome restored = elsewhere.run("restore '" + file + "'");
            assertThat(restored.status()).as(restored.output()).isZero();
            try (ApplicationProcess application = ApplicationProcess.start(database(elsewhere, ":"))) {
                assertThat(allCases(browser, application)).isEqualTo(before).contains("14 Quarry Lane");
            }

            // Put in the place of what is there, it leaves that beside it, whoever goes on asking meanwhile.
            Outcome again = elsewhere.run("""
                    start_cluster postgres
                    setsid sleep 300 & instance=$!
                    mkdir -p "$DATA/instances"; note_process "$instance" "$DATA/instances/8499"
                    (while :; do run_sql "$CLUSTER" impendium "select 1" || true; done) >/dev/null 2>&1 & asking=$!
                    restore '%s'
                    kill "$asking"
                    process_start "$instance" || echo "the instance has ended"
                    run_sql "$CLUSTER" impendium "select count(*) from spring_session"
                    run_sql "$CLUSTER" impendium_before "select count(*) from case_file"
                    """.formatted(file));
            assertThat(again.status()).as(again.output()).isZero();
            assertThat(again.output()).endsWith("the instance has ended\n0\n15\n");
            whatCannotBeReadLeavesAllAsItWas(file);
        }
    }

    private void theMachineLetsSomebodyIn(Browser browser, ApplicationProcess application) {
        assertThat(here.run("issue_password_link \"no'body@example.org\"").output())
                .contains("Nobody works here who signs in with 'no'body@example.org'.");
        String told =
                here.run("issue_password_link Tobias@ostrander-pell.example").output();
        assertThat(told).containsPattern("/password#[\\w-]{43} ");
        String link = told.replaceAll("(?s).*(/password#[\\w-]{43}).*", "$1");
        try (var context = browser.newContext(new Browser.NewContextOptions().setBaseURL(application.url()))) {
            Page page = context.newPage();
            page.navigate(link);
            assertThat(page.getByText("Tobias Pell, Ostrander & Pell")).isVisible();
        }
    }

    private void whatCannotBeReadLeavesAllAsItWas(Path file) {
        Outcome outcome = elsewhere.run("""
                start_cluster postgres
                cd "$(mktemp -d)"; tar -xf '%s'; head -c 20000 database >part; mv part database
                sed -i "s/^sha256=.*/sha256=$(sha256sum <database | cut -d' ' -f1)/" about
                tar -cf bad about database
                (restore "$PWD/bad") || echo "ended with $?"
                run_sql "$CLUSTER" postgres "select datname from pg_database where datname like 'impendium%%' order by 1"
                run_sql "$CLUSTER" impendium "select count(*) from case_file"
                """.formatted(file));
        assertThat(outcome.output())
                .contains("The backup cannot be read.", "Nothing was changed.", "ended with 1")
                .endsWith("impendium\nimpendium_before\n15\n");
    }

    private void refuses(LauncherScripts launcher, String why, String makeBad) {
        Outcome outcome = launcher.run("cd \"$(mktemp -d)\"; " + makeBad
                + "\n(restore \"$PWD/bad\") || echo \"ended with $?\"; rm -rf \"$PWD\"");
        assertThat(outcome.output()).contains(why, "Nothing was changed.", "ended with 1");
    }

    /** The settings of an application on a launcher's own database, which runs from then on. */
    private static Map<String, String> database(LauncherScripts launcher, String prepare) {
        Outcome outcome = launcher.run("start_cluster postgres >/dev/null; " + prepare
                + "; echo \"$DATABASE_PORT $(cat \"$CLUSTER.password\")\"");
        assertThat(outcome.status()).as(outcome.output()).isZero();
        String[] told = outcome.output().strip().split(" ");
        return Map.of(
                "IMPENDIUM_DATABASE_URL",
                "jdbc:postgresql://127.0.0.1:" + told[0] + "/impendium",
                "IMPENDIUM_DATABASE_USER",
                "impendium",
                "IMPENDIUM_DATABASE_PASSWORD",
                told[1]);
    }

    private static String allCases(Browser browser, ApplicationProcess application) {
        try (var context = browser.newContext(new Browser.NewContextOptions().setBaseURL(application.url()))) {
            Page page = context.newPage();
            new Advisor(page).signIn(Advisor.EMAIL);
            assertThat(page.getByTestId("listed")).isVisible();
            return (String) page.evaluate(ALL_CASES);
        }
    }
}
