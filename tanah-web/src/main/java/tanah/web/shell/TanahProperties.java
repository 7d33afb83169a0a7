package tanah.web.shell;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of the application.
 *
 * @param demo whether to load the made-up demo data on the first start on an empty database
 */
@ConfigurationProperties("tanah")
public record TanahProperties(boolean demo) {}
