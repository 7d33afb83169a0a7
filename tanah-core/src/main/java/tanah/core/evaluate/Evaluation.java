package tanah.core.evaluate;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.build.Shopping;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.ground.GroundResult;
import tanah.core.structure.MassResult;
import tanah.core.structure.PaneResult;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;
import tanah.core.water.LandWater;
import tanah.core.water.WaterCare;

/**
 * Everything that follows from a design. What could not be computed is empty and stands among {@code notAssessed}.
 *
 * @param design      what was evaluated
 * @param animals     with their needs
 * @param vessel      the true box
 * @param space       for each animal id, is the box enough
 * @param ground      layers computed
 * @param mass        filled and wet
 * @param water       land and water at the level, if the plan has water
 * @param circulation pumps, filters and heaters in the water
 * @param care        warmth, changes and running in of the water
 * @param panes       stresses of flat panes, where they can be estimated
 * @param shopping    what to buy
 * @param forecast    climate, where it was asked for
 * @param findings    sorted by severity, rule, place
 * @param notAssessed what was not judged, and why
 * @param states      of each stage
 */
@RecordBuilder
public record Evaluation(
        Design design,
        List<Inhabitant> animals,
        Optional<Vessel> vessel,
        Map<String, Space> space,
        Optional<GroundResult> ground,
        Optional<MassResult> mass,
        Optional<LandWater> water,
        Optional<Circulation> circulation,
        Optional<WaterCare> care,
        Optional<PaneResult> panes,
        Optional<Shopping> shopping,
        Optional<Forecast> forecast,
        List<Finding> findings,
        List<NotAssessed> notAssessed,
        Map<Stage, StageState> states)
        implements EvaluationBuilder.With {

    public Evaluation {
        animals = List.copyOf(animals);
        space = Map.copyOf(space);
        findings = List.copyOf(findings);
        notAssessed = List.copyOf(notAssessed);
        states = Map.copyOf(states);
    }

    /** The same with the climate and what it is judged to be; stages of heat and air are then known. */
    Evaluation with(Forecast climate, List<Finding> all, List<NotAssessed> gaps, Map<Stage, StageState> stages) {
        return with().forecast(Optional.of(climate))
                .findings(all)
                .notAssessed(gaps)
                .states(stages)
                .build();
    }

    public long count(Severity severity) {
        return findings.stream().filter(f -> f.severity() == severity).count();
    }

    /** The worst severity within a stage, if the stage has findings. */
    public Optional<Severity> worst(Stage stage) {
        return findings.stream()
                .filter(f -> f.place().stage() == stage)
                .map(Finding::severity)
                .min(java.util.Comparator.naturalOrder());
    }
}
