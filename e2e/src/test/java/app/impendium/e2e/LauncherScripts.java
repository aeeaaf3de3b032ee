package app.impendium.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** Runs scripts that know all that the launcher knows, on a data folder of their own. */
final class LauncherScripts {
    private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();
    private static final int PATIENCE_SECONDS = 120;
    private static final int FIRST_PORT = 55000;
    private static final int DIFFERENT_PORTS = 4000;

    /** Every part of the launcher, read in as the launcher does. */
    private static final String PARTS = "set -euo pipefail; HOME_FOLDER='" + PROJECT
            + "'; for part in say process packages data database build practices backup server test; do"
            + " source \"$HOME_FOLDER/launcher/$part.sh\"; done; prepare_data_folder; ";

    private final Path folder;
    private final int firstPort;

    /** @param folder which becomes theirs; it holds data, and programs that stand in for others */
    LauncherScripts(Path folder) throws IOException {
        this.folder = folder;
        this.firstPort = FIRST_PORT + Math.floorMod(folder.toString().hashCode(), DIFFERENT_PORTS);
        Files.createDirectories(folder.resolve("data"));
        Files.createDirectories(folder.resolve("bin"));
    }

    /** What a script printed, in order, and how it ended. */
    record Outcome(int status, String output) {}

    Outcome run(String script) {
        try {
            Process process = start(script);
            String output = new String(process.getInputStream().readAllBytes());
            assertThat(process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
            return new Outcome(process.exitValue(), output);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    Process start(String script) throws IOException {
        // Where the tests themselves run in the background, an interruption is ignored by all that they start.
        ProcessBuilder builder = new ProcessBuilder("env", "--default-signal=INT", "bash", "-c", PARTS + script);
        builder.environment().put("IMPENDIUM_DATA", folder.resolve("data").toString());
        builder.environment()
                .put("IMPENDIUM_SHARED_PLACE", folder.resolve("shared").toString());
        builder.environment().put("PATH", folder.resolve("bin") + ":" + System.getenv("PATH"));
        // Two journeys that looked for a free port at once would find the same one.
        builder.environment().put("IMPENDIUM_FIRST_DATABASE_PORT", String.valueOf(firstPort));
        builder.environment().remove("IMPENDIUM_PORT");
        return builder.redirectErrorStream(true).start();
    }
}
