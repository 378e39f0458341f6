package org.crispwhorl.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** Starts the application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class CrispWhorl {
    public static void main(String[] args) {
        SpringApplication.run(CrispWhorl.class, args);
    }
}
