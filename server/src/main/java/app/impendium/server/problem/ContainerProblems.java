package app.impendium.server.problem;

import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** Has the container write problem documents too, where a request never reaches the application. */
@Component
class ContainerProblems implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> ((StandardHost) context.getParent()).setErrorReportValveClass(Report.class.getName()));
    }

    /** Writes the body of an answer that has none yet. */
    public static final class Report extends ErrorReportValve {
        private static final Logger LOG = LoggerFactory.getLogger("app.impendium.refused");

        @Override
        protected void report(Request request, Response response, Throwable failure) {
            HttpStatus status = HttpStatus.resolve(response.getStatus());
            if (status == null
                    || !status.isError()
                    || response.getContentWritten() > 0
                    // Whoever let its body trickle has gone.
                    || request.getAttribute(RequestBodies.READING) != null
                    || !response.setErrorReported()) {
                return;
            }
            LOG.info("{} before the application: {}", status.value(), status.getReasonPhrase());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            try {
                Writer writer = response.getReporter();
                if (writer != null) {
                    writer.write("{\"title\":\"" + status.getReasonPhrase() + "\",\"status\":" + status.value() + "}");
                    response.finishResponse();
                }
            } catch (IOException gone) {
                // Nobody is there any more to be told.
            }
        }
    }
}
