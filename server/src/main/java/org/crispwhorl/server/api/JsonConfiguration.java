package org.crispwhorl.server.api;

import org.crispwhorl.files.document.CraftJson;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The interface speaks JSON as the documents do. */
@Configuration(proxyBeanMethods = false)
class JsonConfiguration {
    @Bean
    JsonMapperBuilderCustomizer craftJson() {
        return CraftJson::configure;
    }
}
