package app.impendium.server.jobs;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Has each instance watch over its own requests and news, in threads of which jobs take none. */
@Configuration
@EnableScheduling
class Guards {}
