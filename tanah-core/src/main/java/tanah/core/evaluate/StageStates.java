package tanah.core.evaluate;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;

/** How far each stage is. A stage that nothing reads yet is begun at most. */
final class StageStates {
    private StageStates() {}

    static Map<Stage, StageState> of(Computed c, List<Finding> findings) {
        Design design = c.design();
        boolean climate = c.forecast().isPresent();
        Map<Stage, StageState> states = new EnumMap<>(Stage.class);
        for (Stage stage : Stage.values()) {
            states.put(stage, StageState.EMPTY);
        }
        put(
                states,
                findings,
                Stage.ANIMAL,
                !design.animals().isEmpty(),
                !design.animals().isEmpty());
        boolean box = design.vessel().isPresent();
        put(
                states,
                findings,
                Stage.VESSEL,
                box || design.room().isPresent(),
                box && design.room().isPresent());
        boolean layers = !design.ground().layers().isEmpty();
        put(states, findings, Stage.GROUND, layers, layers && box);
        put(
                states,
                findings,
                Stage.HARDSCAPE,
                !design.hardscape().isEmpty(),
                box && !design.hardscape().isEmpty());
        boolean filled = design.water().filter(w -> w.fill().isGiven()).isPresent();
        put(states, findings, Stage.WATER, design.water().isPresent(), box && filled);
        boolean heat = design.devices().size() > c.inWater();
        put(states, findings, Stage.HEAT, heat, heat && climate);
        boolean air = design.air().isPresent()
                || design.vessel()
                        .filter(v -> !v.envelope().vents().isEmpty()
                                || v.lid()
                                        .filter(l -> l.meshFraction().isPresent())
                                        .isPresent())
                        .isPresent();
        put(states, findings, Stage.AIR, air, air && climate);
        boolean plants = !design.plants().isEmpty();
        put(states, findings, Stage.PLANTING, plants, plants && c.planted().isPresent());
        boolean crew = !design.crew().equals(CrewChoice.NONE);
        put(states, findings, Stage.CREW, crew, crew && c.cleanup().isPresent());
        begun(states, Stage.BUILD, layers && box);
        begun(states, Stage.LOG, !design.probes().isEmpty());
        return states;
    }

    private static void put(
            Map<Stage, StageState> states, List<Finding> findings, Stage stage, boolean begun, boolean complete) {
        boolean stopped = findings.stream().anyMatch(f -> f.place().stage() == stage && f.severity() == Severity.STOP);
        StageState state = complete ? (stopped ? StageState.LOOK_AGAIN : StageState.SETTLED) : StageState.BEGUN;
        states.put(stage, begun ? state : StageState.EMPTY);
    }

    private static void begun(Map<Stage, StageState> states, Stage stage, boolean present) {
        if (present) {
            states.put(stage, StageState.BEGUN);
        }
    }
}
