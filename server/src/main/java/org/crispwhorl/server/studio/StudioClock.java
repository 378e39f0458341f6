package org.crispwhorl.server.studio;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock of the studio: that of the machine on which it runs, in its zone. Whoever asks what time it is asks this one. */
@Configuration(proxyBeanMethods = false)
class StudioClock {
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
