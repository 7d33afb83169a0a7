package tanah.web;

import java.lang.annotation.ElementType;
import java.lang.annotation.Inherited;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;

/**
 * The application that all tests with a database share: equal annotations give one context. Tests run in several processes, each with a
 * database of its own, named by {@code tanah.database}; without it, as in an IDE, the application's own is used.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Inherited
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "tanah.demo=true",
            "management.server.port=0",
            "spring.datasource.url=${TANAH_DB_URL}${tanah.database:}"
        })
public @interface SharedApplication {}
