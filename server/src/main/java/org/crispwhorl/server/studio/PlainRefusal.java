package org.crispwhorl.server.studio;

import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;

/** What is told to the maker in a sentence needs no stack of calls in front of it. */
final class PlainRefusal implements SpringBootExceptionReporter {
    PlainRefusal(ConfigurableApplicationContext context) {}

    @Override
    public boolean reportException(Throwable failure) {
        for (Throwable e = failure; e != null; e = e.getCause()) {
            if (e instanceof StudioRefusal || e instanceof PortInUseException) {
                return true;
            }
        }
        return false;
    }
}
