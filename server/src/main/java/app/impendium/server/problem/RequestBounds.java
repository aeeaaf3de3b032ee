package app.impendium.server.problem;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Puts the bounds of what is under way in place, behind what tells whom a proxy speaks for. */
@Configuration
class RequestBounds {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> requestsUnderWay(
            @Value("${server.servlet.session.cookie.name}") String cookieName) {
        return factory -> factory.addEngineValves(new RequestsUnderWay(cookieName));
    }
}
