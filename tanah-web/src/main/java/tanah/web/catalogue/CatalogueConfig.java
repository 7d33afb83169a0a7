package tanah.web.catalogue;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tanah.core.catalogue.Catalogue;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;

/** Reads the catalogue once at the start. An unusable one refuses the start with its cells named. */
@Configuration
class CatalogueConfig {
    @Bean
    Catalogue catalogue() {
        return CatalogueReader.read();
    }

    @Bean
    DesignReader designReader(Catalogue catalogue) {
        return new DesignReader(catalogue);
    }
}
