package app.impendium.server.frontend;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Leads every address of the front end to the page for advisors or the one for clients; its other files carry their content's hash in their names. */
@Configuration
class FrontEndRoutes implements WebMvcConfigurer {
    private static final String PAGE = "forward:/index.html";
    private static final String CLIENT_PAGE = "forward:/client.html";
    private static final Duration FOR_GOOD = Duration.ofDays(365);

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName(PAGE);
        registry.addViewController("/cases/**").setViewName(PAGE);
        registry.addViewController("/clients/**").setViewName(PAGE);
        registry.addViewController("/practice/**").setViewName(PAGE);
        registry.addViewController("/account").setViewName(PAGE);
        registry.addViewController("/password").setViewName(PAGE);
        registry.addViewController("/set-up").setViewName(PAGE);
        registry.addViewController("/client-page").setViewName(CLIENT_PAGE);
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(FOR_GOOD).cachePublic().immutable());
        registry.addResourceHandler("/*.html")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
    }
}
