package tanah.solver;

import com.google.ortools.sat.CpSolver;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import tanah.core.plantplan.PlanSolver;

/** Ends a search soon after whoever looks on says so. */
final class Stopper implements AutoCloseable {
    private final ScheduledExecutorService looks = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "planting-stop");
        thread.setDaemon(true);
        return thread;
    });

    private Stopper() {}

    static Stopper watching(PlanSolver.Watch watch, CpSolver solver, long millis) {
        Stopper stopper = new Stopper();
        stopper.looks.scheduleWithFixedDelay(
                () -> {
                    if (watch.isStopped()) {
                        solver.stopSearch();
                    }
                },
                millis,
                millis,
                TimeUnit.MILLISECONDS);
        return stopper;
    }

    @Override
    public void close() {
        looks.shutdownNow();
    }
}
