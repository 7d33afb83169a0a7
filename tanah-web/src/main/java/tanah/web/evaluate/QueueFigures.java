package tanah.web.evaluate;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;
import org.springframework.stereotype.Component;

/** How many pages wait for a computation, for whoever watches the site. */
@Component
class QueueFigures implements MeterBinder {
    private final BackgroundWork work;

    QueueFigures(BackgroundWork work) {
        this.work = work;
    }

    @Override
    public void bindTo(MeterRegistry registry) {
        Gauge.builder("tanah.pages.waiting", work, BackgroundWork::asking)
                .description("Pages that wait for a computation")
                .register(registry);
    }
}
