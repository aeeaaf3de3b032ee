package app.impendium.server.problem;

import app.impendium.core.finding.Shortened;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.DefaultParameterNameDiscoverer;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Refuses parameters that an address does not know, as fields that a body does not know are refused. */
@Configuration
class UnknownParameters implements WebMvcConfigurer, HandlerInterceptor {

    /** A parameter that the address does not know. */
    static final class UnknownParameterException extends RuntimeException {
        private final transient FieldProblem field;

        private UnknownParameterException(FieldProblem field) {
            super(field.message());
            this.field = field;
        }

        FieldProblem field() {
            return field;
        }
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**").excludePathPatterns("/api/openapi/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod method) {
            Set<String> known = known(method);
            request.getParameterMap().keySet().stream()
                    .filter(name -> !known.contains(name))
                    .findFirst()
                    .ifPresent(name -> refuse(name, known));
        }
        return true;
    }

    private static void refuse(String name, Set<String> known) {
        String given = "the parameter " + Shortened.echo(name);
        String allowed = known.isEmpty() ? "no parameter" : String.join(", ", known);
        throw new UnknownParameterException(FieldProblem.inAddress(
                Shortened.echo(name), given, allowed, given + " is not allowed here, only " + allowed + "."));
    }

    private static Set<String> known(HandlerMethod method) {
        return Arrays.stream(method.getMethodParameters())
                .flatMap(UnknownParameters::names)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** One by its own name, several that are read as a record by those of its components. */
    private static Stream<String> names(MethodParameter parameter) {
        if (parameter.hasParameterAnnotation(ModelAttribute.class)) {
            return Arrays.stream(parameter.getParameterType().getRecordComponents())
                    .map(RecordComponent::getName);
        }
        return parameter.hasParameterAnnotation(RequestParam.class) ? Stream.of(name(parameter)) : Stream.empty();
    }

    private static String name(MethodParameter parameter) {
        parameter.initParameterNameDiscovery(new DefaultParameterNameDiscoverer());
        return String.valueOf(parameter.getParameterName());
    }
}
