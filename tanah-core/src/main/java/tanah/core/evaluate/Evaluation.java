package tanah.core.evaluate;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.build.Shopping;
import tanah.core.cleanup.Cleanup;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.ground.GroundResult;
import tanah.core.planting.Planted;
import tanah.core.structure.MassResult;
import tanah.core.structure.PaneResult;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;
import tanah.core.water.LandWater;
import tanah.core.water.WaterCare;

/**
 * Everything that follows from a design: what was computed, and what that was judged to be. A judgement is always made of
 * what was computed, never of another judgement.
 *
 * @param computed quantities
 * @param judged   findings, gaps, states of the stages
 */
public record Evaluation(Computed computed, Judgement judged) {

    public Design design() {
        return computed.design();
    }

    public List<Inhabitant> animals() {
        return computed.animals();
    }

    public Optional<Vessel> vessel() {
        return computed.vessel();
    }

    public Map<String, Space> space() {
        return computed.space();
    }

    public Optional<GroundResult> ground() {
        return computed.ground();
    }

    public Optional<MassResult> mass() {
        return computed.mass();
    }

    public Optional<LandWater> water() {
        return computed.water();
    }

    public Optional<Circulation> circulation() {
        return computed.circulation();
    }

    public Optional<WaterCare> care() {
        return computed.care();
    }

    public Optional<PaneResult> panes() {
        return computed.panes();
    }

    public Optional<Shopping> shopping() {
        return computed.shopping();
    }

    public Optional<Forecast> forecast() {
        return computed.forecast();
    }

    public Optional<Planted> planted() {
        return computed.planted();
    }

    public Optional<Cleanup> cleanup() {
        return computed.cleanup();
    }

    public List<Finding> findings() {
        return judged.findings();
    }

    public List<NotAssessed> notAssessed() {
        return judged.notAssessed();
    }

    public Map<Stage, StageState> states() {
        return judged.states();
    }

    /** The same with what became known of the remedies of its findings. */
    public Evaluation withFindings(List<Finding> tried) {
        return new Evaluation(computed, new Judgement(tried, judged.notAssessed(), judged.states()));
    }

    public long count(Severity severity) {
        return findings().stream().filter(f -> f.severity() == severity).count();
    }

    /** The worst severity within a stage, if the stage has findings. */
    public Optional<Severity> worst(Stage stage) {
        return findings().stream()
                .filter(f -> f.place().stage() == stage)
                .map(Finding::severity)
                .min(Comparator.naturalOrder());
    }
}
