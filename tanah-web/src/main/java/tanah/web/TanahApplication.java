package tanah.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the web application. */
@SpringBootApplication
@EnableScheduling
@ConfigurationPropertiesScan
public class TanahApplication {
    public static void main(String[] args) {
        SpringApplication.run(TanahApplication.class, args);
    }
}
