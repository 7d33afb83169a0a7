package tanah.web.design.start;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tanah.core.finding.Stage;
import tanah.web.design.edit.OpenStage;

/** Stages 1 and 2 share one page. */
@Configuration(proxyBeanMethods = false)
class StartStages {
    @Bean
    OpenStage animalStage() {
        return () -> Stage.ANIMAL;
    }

    @Bean
    OpenStage vesselStage() {
        return () -> Stage.VESSEL;
    }
}
