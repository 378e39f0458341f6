package org.crispwhorl.server.api;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;

/** What the web server itself refuses, such as an address that is none, is told as a problem too. */
public final class RefusalPage extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable throwable) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            response.setContentType("application/problem+json");
            response.setCharacterEncoding("utf-8");
            response.getReporter()
                    .write(
                            "{\"type\":\"urn:crisp-whorl:request\",\"title\":\"The request cannot be answered\",\"status\":"
                                    + status + ",\"detail\":\"Check the address and try again.\",\"faults\":[]}");
            response.finishResponse();
        } catch (IOException | IllegalStateException e) {
            // Whoever asked is gone.
        }
    }
}
