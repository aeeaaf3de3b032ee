package app.impendium.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The packaged application as a process of its own, with a fresh database and the demo practice. */
final class ApplicationProcess implements AutoCloseable {
    /** As it was packaged last. */
    static final Path JAR = Path.of("..", "server", "target", "impendium.jar");

    private static final Pattern PORT = Pattern.compile("Tomcat started on port (\\d+)");
    private static final Pattern READY =
            Pattern.compile("The demo practice is set up|[Nn]o demo is (set up|asked for)");
    private final Process process;
    private final String url;
    private final String database;
    private final Queue<String> log;

    private ApplicationProcess(Process process, String url, String database, Queue<String> log) {
        this.process = process;
        this.url = url;
        this.database = database;
        this.log = log;
    }

    /** Starts it and waits until it answers. */
    static ApplicationProcess start() {
        return start(Map.of());
    }

    /** The same, with further settings in its environment. */
    static ApplicationProcess start(Map<String, String> settings) {
        return start(JAR, settings);
    }

    /** Another build of it. */
    static ApplicationProcess start(Path jar, Map<String, String> settings) {
        if (!Files.exists(jar)) {
            throw new IllegalStateException(jar + " is missing: package the server first");
        }
        String database = "journey_" + ProcessHandle.current().pid() + "_" + System.nanoTime();
        createDatabase(database);
        ProcessBuilder builder =
                new ProcessBuilder("java", "-Xshare:auto", "-Dspring.aot.enabled=true", "-jar", jar.toString());
        Map<String, String> environment = builder.environment();
        environment.put("IMPENDIUM_DATABASE_URL", databaseUrl(database));
        environment.put("IMPENDIUM_PORT", "0");
        environment.put("IMPENDIUM_DEMO", "true");
        environment.put("LOGGING_LEVEL_ORG_SPRINGFRAMEWORK_BOOT_TOMCAT", "info");
        environment.putAll(settings);
        builder.redirectErrorStream(true);
        try {
            Process process = builder.start();
            Queue<String> log = new ConcurrentLinkedQueue<>();
            return new ApplicationProcess(process, "http://127.0.0.1:" + readUntilStarted(process, log), database, log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String url() {
        return url;
    }

    /** Where its database is. */
    String databaseUrl() {
        return databaseUrl(database);
    }

    /** Every line that it has written so far. */
    List<String> log() {
        return List.copyOf(log);
    }

    /** The processor time that the application's living threads have used so far, as the kernel counts it. */
    Duration processorTime() throws IOException {
        long nanos = 0;
        try (DirectoryStream<Path> threads = Files.newDirectoryStream(Path.of("/proc", "" + process.pid(), "task"))) {
            for (Path thread : threads) {
                nanos += nanosOf(thread);
            }
        }
        return Duration.ofNanos(nanos);
    }

    /** How many transactions its database has ended so far; a statement by itself is one. */
    long transactions() {
        String sql = "select xact_commit + xact_rollback from pg_stat_database where datname = '" + database + "'";
        try (Connection connection = connect(setting("IMPENDIUM_DATABASE_URL"));
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static long nanosOf(Path thread) throws IOException {
        try {
            return Long.parseLong(Files.readString(thread.resolve("schedstat")).split(" ")[0]);
        } catch (NoSuchFileException ended) {
            return 0;
        }
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }

    private static String readUntilStarted(Process process, Queue<String> log) throws IOException {
        BufferedReader output = process.inputReader();
        String port = null;
        for (String line = output.readLine(); line != null; line = output.readLine()) {
            log.add(line);
            Matcher matcher = PORT.matcher(line);
            if (matcher.find()) {
                port = matcher.group(1);
            }
            if (port != null && READY.matcher(line).find()) {
                // Read on, or the process would stand still once the pipe is full.
                CompletableFuture.runAsync(() -> output.lines().peek(log::add).forEach(System.out::println));
                return port;
            }
        }
        throw new IllegalStateException("The application ended at once:\n" + String.join("\n", log));
    }

    private static void createDatabase(String name) {
        run(setting("IMPENDIUM_DATABASE_URL"), "create database " + name);
    }

    /** Changes something in the application's database behind its back. */
    void runSql(String sql) {
        run(databaseUrl(database), sql);
    }

    private static void run(String databaseUrl, String sql) {
        try (Connection connection = connect(databaseUrl);
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException("No test database; ./impendium test starts one", e);
        }
    }

    private static Connection connect(String databaseUrl) throws SQLException {
        return DriverManager.getConnection(
                databaseUrl, setting("IMPENDIUM_DATABASE_USER"), setting("IMPENDIUM_DATABASE_PASSWORD"));
    }

    private static String databaseUrl(String name) {
        String url = setting("IMPENDIUM_DATABASE_URL");
        return url.substring(0, url.lastIndexOf('/') + 1) + name;
    }

    static String setting(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(name + " is not set; run ./impendium test");
        }
        return value;
    }
}
