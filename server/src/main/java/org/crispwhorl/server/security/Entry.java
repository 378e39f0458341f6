package org.crispwhorl.server.security;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import java.time.Clock;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.context.WebApplicationContext;
import org.springframework.web.context.support.AnnotationConfigWebApplicationContext;

/**
 * Who may come in. This machine alone: everyone, and nothing is asked. On the home network: who knows the passphrase; without it
 * nothing answers but the health line and the page on which it is said.
 */
@Configuration(proxyBeanMethods = false)
class Entry {
    static final String ENTER = "/enter";
    static final String FIRST = "/enter/first";
    private static final int BEFORE_OTHERS = -100;
    private static final Filter OPEN = (request, response, chain) -> chain.doFilter(request, response);

    @Bean
    Throttle tries(Clock clock) {
        return new Throttle(clock);
    }

    /**
     * Stands before everything else on the home network. What it takes is made when the application starts there, in a context of its own:
     * on this machine alone none of it is loaded.
     */
    @Bean
    FilterRegistrationBean<Filter> door(HomeNetwork home, ApplicationContext application) {
        FilterRegistrationBean<Filter> door = new FilterRegistrationBean<>(home.on() ? locked(application) : OPEN);
        door.setEnabled(home.on());
        door.setOrder(BEFORE_OTHERS);
        door.setDispatcherTypes(EnumSet.allOf(DispatcherType.class));
        return door;
    }

    private static Filter locked(ApplicationContext application) {
        AnnotationConfigWebApplicationContext locks = new AnnotationConfigWebApplicationContext();
        locks.setParent(application);
        locks.setServletContext(((WebApplicationContext) application).getServletContext());
        locks.register(Locks.class);
        locks.refresh();
        return locks.getBean("springSecurityFilterChain", Filter.class);
    }
}
