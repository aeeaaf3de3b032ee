package app.impendium.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the server. Settings come from the environment; see docs/architecture.md. */
@SpringBootApplication
public class ImpendiumApplication {

    public static void main(String[] arguments) {
        SpringApplication.run(ImpendiumApplication.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
