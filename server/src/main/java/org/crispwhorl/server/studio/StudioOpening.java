package org.crispwhorl.server.studio;

import java.nio.file.Path;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.boot.context.event.ApplicationFailedEvent;
import org.springframework.boot.context.logging.LoggingApplicationListener;
import org.springframework.context.ApplicationEvent;
import org.springframework.context.aot.AbstractAotProcessor;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.SmartApplicationListener;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;

/**
 * Opens the studio's folder as soon as the settings are known, before anything logs into it or opens its database, and lets go
 * of it when the application is closed.
 */
public final class StudioOpening implements SmartApplicationListener {
    /** The profile of the demo. */
    public static final String DEMO = "demo";

    /** When the application is only built, its beans worked out ahead of time, there is no studio. */
    private static final boolean BUILDING = Boolean.getBoolean(AbstractAotProcessor.AOT_PROCESSING);

    private StudioFolder folder;

    @Override
    public boolean supportsEventType(Class<? extends ApplicationEvent> type) {
        return ApplicationEnvironmentPreparedEvent.class.isAssignableFrom(type)
                || ApplicationFailedEvent.class.isAssignableFrom(type)
                || ContextClosedEvent.class.isAssignableFrom(type);
    }

    /** The settings are read before, the log is opened after. */
    @Override
    public int getOrder() {
        return LoggingApplicationListener.DEFAULT_ORDER - 1;
    }

    @Override
    public void onApplicationEvent(ApplicationEvent event) {
        if (event instanceof ApplicationEnvironmentPreparedEvent prepared && !BUILDING) {
            open(prepared.getEnvironment());
        } else if (folder != null) {
            folder.close();
            folder = null;
        }
    }

    private void open(Environment settings) {
        Path path = Path.of(settings.getRequiredProperty("crispwhorl.data")).toAbsolutePath();
        folder = StudioFolder.locked(path);
        folder.open(new StudioFolder.Wanted(
                settings.acceptsProfiles(Profiles.of(DEMO)),
                settings.getProperty("crispwhorl.fresh", Boolean.class, false)));
    }
}
