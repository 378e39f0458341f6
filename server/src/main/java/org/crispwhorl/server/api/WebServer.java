package org.crispwhorl.server.api;

import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How the web server answers what never reaches a controller. */
@Configuration(proxyBeanMethods = false)
class WebServer {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> refusals() {
        return factory -> factory.addContextCustomizers(
                context -> ((StandardHost) context.getParent()).setErrorReportValveClass(RefusalPage.class.getName()));
    }
}
