package org.crispwhorl.server.studio;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock of the studio: that of the machine on which it runs, in its zone. Whoever asks what time it is asks this one. */
@Configuration(proxyBeanMethods = false)
class StudioClock {
    /** Before the application is there, and for its commands. */
    static final Clock OF_THIS_MACHINE = Clock.systemDefaultZone();

    @Bean
    Clock clock() {
        return OF_THIS_MACHINE;
    }
}
