package app.impendium.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a free port with a fresh database, started once for all tests of this module. */
public final class RunningServer {
    /** What reads its metrics. */
    static final String METRICS_TOKEN = "pendulum-of-tin";

    private static final RunningServer ONLY = new RunningServer();

    private final ConfigurableApplicationContext context;
    private final String url;

    private RunningServer() {
        String database = "server_test_" + ProcessHandle.current().pid();
        String adminUrl = setting("IMPENDIUM_DATABASE_URL");
        createDatabase(adminUrl, database);
        context = start(adminUrl.substring(0, adminUrl.lastIndexOf('/') + 1) + database);
        url = urlOf(context);
    }

    /** Another instance of the application, for whoever asks to close. */
    static ConfigurableApplicationContext start(String databaseUrl, String... settings) {
        String[] all = Arrays.copyOf(settings, settings.length + 4);
        all[settings.length] = "--server.port=0";
        all[settings.length + 1] = "--spring.datasource.url=" + databaseUrl;
        // Here the entities are held against the schema; a start has no time for that.
        all[settings.length + 2] = "--spring.jpa.hibernate.ddl-auto=validate";
        all[settings.length + 3] = "--springdoc.api-docs.enabled=true";
        return new SpringApplicationBuilder(ImpendiumApplication.class)
                .properties("IMPENDIUM_DEMO=true", "IMPENDIUM_METRICS_TOKEN=" + METRICS_TOKEN)
                .run(all);
    }

    static String urlOf(ConfigurableApplicationContext context) {
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    /** The address of the tests' database as the application has it. */
    static String databaseUrl() {
        return ONLY.context.getEnvironment().getProperty("spring.datasource.url");
    }

    static String url() {
        return ONLY.url;
    }

    public static <T> T bean(Class<T> type) {
        return ONLY.context.getBean(type);
    }

    /** One of several of its type. */
    static <T> T bean(String name, Class<T> type) {
        return ONLY.context.getBean(name, type);
    }

    private static void createDatabase(String adminUrl, String name) {
        try (Connection connection = DriverManager.getConnection(
                        adminUrl, setting("IMPENDIUM_DATABASE_USER"), setting("IMPENDIUM_DATABASE_PASSWORD"));
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + name);
        } catch (SQLException e) {
            throw new IllegalStateException("No test database; ./impendium test starts one", e);
        }
    }

    private static String setting(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(name + " is not set; run ./impendium test");
        }
        return value;
    }
}
