package ofisino.server.web;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.http.MediaType;

/** What Tomcat refuses before the application sees it (an address that cannot be one), as a problem and not as a page of Tomcat's. */
public final class PlainFailureValve extends ErrorReportValve {
    private static final String PROBLEM =
            "{\"type\":\"urn:problem:request.%d\",\"status\":%d,\"code\":\"request.%d\",\"detail\":\"This address cannot be read. Go back and try again.\"}";

    @Override
    protected void report(Request request, Response response, Throwable thrown) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) return;
        try {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getReporter().write(PROBLEM.formatted(status, status, status));
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            // the other side does not listen any more
        }
    }
}
