package app.impendium.e2e;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.e2e.LauncherScripts.Outcome;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the launcher does when something stands in its way: it sees through old notes and ends what it began. */
class LauncherTest {
    private static final int PATIENCE_SECONDS = 120;

    private Path folder;
    private LauncherScripts launcher;

    @BeforeEach
    void prepareFolders() throws IOException {
        folder = Files.createTempDirectory("launcher");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        launcher = new LauncherScripts(folder);
    }

    @AfterEach
    void stopTheDatabase() throws Exception {
        run("find_cluster postgres; stop_cluster \"$CLUSTER\"; forget_cluster postgres");
        run("rm -rf '" + folder + "'");
    }

    @Test
    void aDatabaseFolderIsFoundAgainWhereItIsRecordedAndNeverBegunAnew() {
        Outcome first = run("start_cluster postgres; printf '%s' \"$CLUSTER\"; stop_cluster \"$CLUSTER\" >/dev/null");
        assertThat(first.status()).as(first.output()).isZero();
        assertThat(first.output()).contains("Creating the database");

        Outcome again = run("start_cluster postgres; stop_cluster \"$CLUSTER\" >/dev/null");
        assertThat(again.status()).as(again.output()).isZero();
        assertThat(again.output()).doesNotContain("Creating the database");

        Outcome moved = run("""
                find_cluster postgres
                printf '%s' "$CLUSTER" >"$DATA/postgres.location"
                mv "$CLUSTER" "$CLUSTER.elsewhere"
                (start_cluster postgres) || echo "ended with $?"
                mv "$CLUSTER.elsewhere" "$CLUSTER"
                """);
        assertThat(moved.output())
                .contains("is recorded in", "and is not there.", "ended with 1")
                .doesNotContain("Creating the database");
    }

    @Test
    void aFolderThatTheDatabaseMayNotEnterHasItsDatabaseInALastingPlace() throws IOException {
        // As another user than root, whoever starts the database may enter their own folder.
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        boolean isRoot = run("[ \"$(id -u)\" -eq 0 ]").status() == 0;

        Outcome found = run("find_cluster postgres; printf '%s' \"$CLUSTER\"");

        assertThat(found.output())
                .startsWith(
                        isRoot
                                ? folder.resolve("shared").toString()
                                : folder.resolve("data").toString())
                .endsWith("/postgres");
    }

    @Test
    void aDatabaseNoteThatNamesAnotherProgramIsSeenThrough() {
        Outcome outcome = run("""
                start_cluster postgres; stop_cluster "$CLUSTER" >/dev/null
                sleep 300 & other=$!
                printf '%s\\n%s\\n' "$other" "$CLUSTER" >"$CLUSTER/postmaster.pid"
                [ "$(id -u)" -ne 0 ] || chown postgres "$CLUSTER/postmaster.pid"
                stop_cluster "$CLUSTER"
                start_cluster postgres
                kill -0 "$other" && echo "the other program lives"
                kill "$other"
                """);

        assertThat(outcome.status()).as(outcome.output()).isZero();
        assertThat(outcome.output()).contains("which is another program and is left alone", "the other program lives");
    }

    @Test
    void aServerNoteThatNamesAnotherProgramIsSeenThrough() {
        Outcome outcome = run("""
                bash -c 'exec -a "java -jar $0/application/impendium.jar" sleep 300' "$DATA" & other=$!
                printf '%s 1' "$other" >"$DATA/server.pid"
                end_server
                kill -0 "$other" && echo "the other program lives"
                kill "$other"
                """);

        assertThat(outcome.status()).as(outcome.output()).isZero();
        assertThat(outcome.output()).contains("which is left alone", "the other program lives");
    }

    @Test
    void itsOwnServerIsEndedAndWaitedFor() {
        Outcome outcome = run("""
                setsid sleep 300 & own=$!
                note_process "$own" "$DATA/server.pid"
                end_server
                process_start "$own" || echo "it is gone"
                """);

        assertThat(outcome.output()).contains("Stopping the application", "it is gone");
    }

    @Test
    void whatRunsOutOfMemoryIsStartedAgainThreeTimes() throws IOException {
        stub("java", "echo run; exit 3");
        Outcome outcome = watch();

        assertThat(outcome.output().lines().filter("run"::equals)).hasSize(4);
        assertThat(outcome.output())
                .contains("ended with 3", "Memory ran out", "for time 3 of 3", "is not started again");
    }

    @Test
    void whatEndsOtherwiseIsNotStartedAgain() throws IOException {
        stub("java", "echo run; exit 1");

        assertThat(watch().output().lines()).containsExactly("run", "ended with 1");
    }

    private Outcome watch() {
        return run("""
                touch "$LOGS/server.log"
                status=0
                "$HOME_FOLDER/launcher/watch.sh" "$DATA/server.pid" "$LOGS/server.log" java || status=$?
                echo "ended with $status"
                cat "$LOGS/server.log"
                """);
    }

    @Test
    void anInterruptionEndsAllThatAStepHasStarted() throws Exception {
        // A pipe, so that reading it waits for what is written.
        Path started = folder.resolve("started");
        run("mkfifo '" + started + "'");
        Process interrupted = launcher.start("""
                work() { sleep 300 & echo "$BASHPID $!" >"$1"; wait; }
                step "A long step" "$LOGS/long.log" work '%s'
                """.formatted(started));
        String processes = Files.readString(started).strip();
        new ProcessBuilder("kill", "-INT", String.valueOf(interrupted.pid()))
                .start()
                .waitFor();

        assertThat(interrupted.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
        assertThat(interrupted.exitValue()).isEqualTo(130);
        for (String process : processes.split(" ")) {
            assertThat(run("process_start " + process + " || echo gone").output())
                    .contains("gone");
        }
    }

    @Test
    void aStartOnAnEmptyFolderPrintsASignInThatOpensTheDemoAndWritesDownItsClassesForTheNext() throws Exception {
        Outcome first = run("build_application() { :; }; start_application");

        try {
            assertThat(first.status()).as(first.output()).isZero();
            assertThat(first.output()).doesNotContain("Set-up code");
            int status = signIn(printed(first, "Impendium"), printed(first, "Sign in"), printed(first, "Password"));
            assertThat(status).isEqualTo(204);
            assertThat(run("find_cluster postgres; DATABASE_PORT=$(cluster_port \"$CLUSTER\");"
                                    + " run_sql \"$CLUSTER\" impendium 'select count(*) from setup_code'")
                            .output())
                    .isEqualTo("0\n");
        } finally {
            assertThat(run("stop_application").status()).isZero();
        }
        assertThat(folder.resolve("data/application/classes.jsa")).isNotEmptyFile();
        assertThat(folder.resolve("data/application/classes.jsa.new")).doesNotExist();
    }

    private static String printed(Outcome start, String label) {
        return start.output()
                .lines()
                .map(String::strip)
                .filter(line -> line.startsWith(label + "  "))
                .map(line -> line.substring(label.length()).strip())
                .findFirst()
                .orElseThrow(() -> new AssertionError(start.output()));
    }

    /** The status of the answer to a sign-in, sent as a browser sends it. */
    private static int signIn(String url, String email, String password) throws Exception {
        CookieManager cookies = new CookieManager();
        HttpClient browser = HttpClient.newBuilder().cookieHandler(cookies).build();
        URI session = URI.create(url + "/api/session");
        browser.send(HttpRequest.newBuilder(session).build(), BodyHandlers.discarding());
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
        String form = "email=" + URLEncoder.encode(email, UTF_8) + "&password=" + URLEncoder.encode(password, UTF_8);
        HttpRequest signIn = HttpRequest.newBuilder(session)
                .header("X-XSRF-TOKEN", token)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(form))
                .build();
        return browser.send(signIn, BodyHandlers.discarding()).statusCode();
    }

    @Test
    void aRefusedPortOrAddressIsOneClearLine() throws IOException {
        stub("java", "echo \"java.net.BindException: $REFUSAL\"; exit 1");
        stub("curl", "exit 7");

        assertThat(refused("Permission denied")).contains("may not use port 8480; ports below 1024 belong to root.");
        assertThat(refused("Cannot assign requested address"))
                .contains("This machine does not have the address 127.0.0.1.");
        assertThat(refused("Address already in use")).contains("Port 8480 is taken by another program.");
    }

    @Test
    void servicesThatBeginAtOnceShareOneDatabase() throws IOException {
        stub("java", "echo \"$IMPENDIUM_PORT serves $IMPENDIUM_DATABASE_URL\"");

        Outcome outcome = run("""
                build_application() { :; }
                unpack_application() { :; }
                serve_database & (IMPENDIUM_PORT=8485; serve_application) & (IMPENDIUM_PORT=8486; serve_application) &
                wait
                """);

        assertThat(outcome.status()).as(outcome.output()).isZero();
        assertThat(outcome.output())
                .containsOnlyOnce("Creating the database")
                .containsOnlyOnce("Starting the database");
        assertThat(outcome.output().lines().filter(line -> line.contains(" serves jdbc:postgresql:")))
                .extracting(line -> line.substring(0, 4))
                .containsExactlyInAnyOrder("8485", "8486");
    }

    @Test
    void theDemoIsForThisMachineAloneUnlessItIsAskedForByName() {
        assertThat(run("choose_demo; echo $IMPENDIUM_DEMO").output()).isEqualTo("true\n");
        assertThat(run("IMPENDIUM_ADDRESS=0.0.0.0; choose_demo; echo $IMPENDIUM_DEMO")
                        .output())
                .contains("Others can reach 0.0.0.0: the demo stays closed.")
                .endsWith("false\n");
        assertThat(run("IMPENDIUM_ADDRESS=0.0.0.0 IMPENDIUM_DEMO=true; choose_demo; echo $IMPENDIUM_DEMO")
                        .output())
                .isEqualTo("true\n");
        assertThat(run("IMPENDIUM_DEMO=perhaps; choose_demo").output()).contains("must be true or false");
    }

    @Test
    void aCodeToSetUpAPracticeIsKeptAsWhatItHashesTo() {
        Outcome outcome = run("""
                start_cluster postgres >/dev/null
                ensure_database impendium
                run_sql "$CLUSTER" impendium "create table practice (id int)"
                run_sql "$CLUSTER" impendium "create table setup_code (hash bytea, ends_at timestamptz)"
                tell_who_signs_in >"$DATA/told"
                code=$(sed -n 's/.*Set-up code *\\([A-Z2-7-]*\\) .*/\\1/p' "$DATA/told" | tr -d -)
                echo "${#code} letters"
                run_sql "$CLUSTER" impendium "select hash = sha256('$code'), ends_at > now() from setup_code"
                issue_setup_code
                """);

        assertThat(outcome.status()).as(outcome.output()).isZero();
        assertThat(outcome.output()).contains("16 letters", "t|t", "Set up a practice   /set-up\n");
    }

    private String refused(String refusal) {
        Outcome outcome = run("export REFUSAL='" + refusal + "' IMPENDIUM_PORT=8480; launch_server");
        assertThat(outcome.status()).isEqualTo(1);
        assertThat(outcome.output().lines()).hasSize(2);
        return outcome.output();
    }

    private void stub(String program, String script) throws IOException {
        Path stub = folder.resolve("bin").resolve(program);
        Files.writeString(stub, "#!/usr/bin/env bash\n" + script + "\n");
        Files.setPosixFilePermissions(stub, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    private Outcome run(String script) {
        return launcher.run(script);
    }
}
