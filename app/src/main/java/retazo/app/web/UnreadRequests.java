package retazo.app.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * What the server itself refuses before any filter of ours sees it, or what failed behind all of them, is answered in our words too, and
 * says nothing about the server.
 */
@Component
class UnreadRequests implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        server.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(PlainReport.class.getName());
            }
        });
    }

    /** Made by the server, by its name. */
    public static final class PlainReport extends ErrorReportValve {

        private static final int FIRST_FAULT = 400;
        private static final int FIRST_OF_OURS = 500;

        @Override
        protected void report(Request request, Response response, Throwable fault) {
            if (response.getStatus() < FIRST_FAULT || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            boolean program = String.valueOf(request.getRequestURI()).startsWith("/api/");
            try {
                boolean ours = response.getStatus() >= FIRST_OF_OURS;
                byte[] answer = program
                        ? ("{\"error\": \"" + (ours ? "failed" : "cannot be read") + "\"}").getBytes(StandardCharsets.UTF_8)
                        : new ClassPathResource(ours ? "pages/failed.html" : "pages/bad-request.html").getContentAsByteArray();
                response.setContentType(program ? "application/json" : "text/html;charset=utf-8");
                response.getOutputStream().write(answer);
            } catch (IOException e) {
                container.getLogger().debug("Nobody waits for the answer any more", e);
            }
        }
    }
}
