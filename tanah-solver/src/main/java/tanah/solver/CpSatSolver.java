package tanah.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import java.time.Duration;
import java.util.Optional;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanSolver;

/** Constraint programming over clauses with linear relaxations (CP-SAT of OR-Tools): one worker, a fixed seed. */
public final class CpSatSolver implements PlanSolver {
    private static final int SEED = 15;
    private static final long LOOKS = 100; // ms between looks whether it was stopped

    public CpSatSolver() {
        Library.load();
    }

    /** The native library, once for a process. */
    private static final class Library {
        static {
            Loader.loadNativeLibraries();
        }

        static void load() {
            // the class was initialised
        }
    }

    @Override
    public Solved solve(PlanProblem problem, Duration limit, Watch watch) {
        PlanModel model = PlanModel.of(problem);
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(SEED)
                .setLinearizationLevel(2)
                .setMaxTimeInSeconds(limit.toMillis() / 1000.0);
        CpSolverSolutionCallback told = new CpSolverSolutionCallback() {
            @Override
            public void onSolutionCallback() {
                watch.better(objectiveValue() / PlanModel.SCALE, bestObjectiveBound() / PlanModel.SCALE);
            }
        };
        CpSolverStatus status;
        try (Stopper stopper = Stopper.watching(watch, solver, LOOKS)) {
            status = solver.solve(model.model(), told);
        }
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        return new Solved(
                end(status),
                found ? Optional.of(model.read(solver)) : Optional.empty(),
                found ? solver.bestObjectiveBound() / PlanModel.SCALE : 0);
    }

    private static End end(CpSolverStatus status) {
        return switch (status) {
            case OPTIMAL -> End.BEST;
            case FEASIBLE -> End.SO_FAR;
            case INFEASIBLE -> End.NONE;
            case UNKNOWN -> End.UNKNOWN;
            case MODEL_INVALID, UNRECOGNIZED ->
                throw new IllegalStateException("the solver was given a model that is none: " + status);
        };
    }
}
