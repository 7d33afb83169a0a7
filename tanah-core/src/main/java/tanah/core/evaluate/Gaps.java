package tanah.core.evaluate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Design;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Place;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;
import tanah.core.structure.MassResult;
import tanah.core.structure.PaneResult;
import tanah.core.water.Circulation;

/** What was not judged: values that are missing, and parts of the document that no stage reads yet. */
final class Gaps {
    private Gaps() {}

    static List<NotAssessed> of(
            Design design, Optional<MassResult> mass, Optional<PaneResult> panes, Optional<Circulation> water) {
        List<NotAssessed> gaps = new ArrayList<>();
        missing(design, mass, gaps);
        part(gaps, "stacks", Stage.HARDSCAPE, design.kept().has("stacks"));
        int inWater = water.map(Circulation::devices).orElse(0);
        part(
                gaps,
                "climate",
                Stage.HEAT,
                design.devices().size() > inWater || design.air().isPresent());
        water.ifPresent(c -> c.runs().stream()
                .filter(r -> !r.isComplete())
                .forEach(r -> gaps.add(new NotAssessed(
                        "features",
                        Place.part(Stage.WATER, r.feature().orElseThrow().id()),
                        List.of("/water/features")))));
        design.water()
                .ifPresent(w -> w.features().stream()
                        .filter(f -> f.pump().flatMap(design::device).isEmpty())
                        .forEach(f -> gaps.add(new NotAssessed(
                                "features", Place.part(Stage.WATER, f.id()), List.of("/water/features")))));
        part(
                gaps,
                "plants",
                Stage.PLANTING,
                design.kept().sizeOf("plants") > 0 || design.kept().has("planting"));
        part(gaps, "crew", Stage.CREW, design.kept().has("crew"));
        part(gaps, "build", Stage.BUILD, design.kept().has("build"));
        if (design.vessel().isPresent() && panes.isEmpty()) {
            gaps.add(new NotAssessed("panes", Place.of(Stage.VESSEL), List.of()));
        }
        return gaps;
    }

    /** What is left once the climate is known: devices that it was computed without, the day if it was not. */
    static List<NotAssessed> withForecast(List<NotAssessed> before, Forecast forecast) {
        List<NotAssessed> gaps = new ArrayList<>(before);
        gaps.removeIf(g -> g.topic().equals("climate"));
        forecast.mapped().left().forEach(l -> gaps.add(left(l, Place.part(Stage.HEAT, l.device()))));
        if (!forecast.hasDays()) {
            gaps.add(new NotAssessed("day", Place.of(Stage.AIR), List.of()));
        }
        return gaps;
    }

    private static NotAssessed left(MappedDesign.LeftOut left, Place where) {
        return left.why().equals("dry")
                ? new NotAssessed("device_dry", where, List.of("/devices"))
                : new NotAssessed("device_unknown", where, List.of("/devices"));
    }

    private static void missing(Design design, Optional<MassResult> mass, List<NotAssessed> gaps) {
        if (design.animals().isEmpty()) {
            gaps.add(new NotAssessed("needs", Place.of(Stage.ANIMAL), List.of("/animals")));
        }
        if (design.vessel().isEmpty()) {
            gaps.add(new NotAssessed("vessel", Place.of(Stage.VESSEL), List.of("/vessel")));
        }
        if (design.room().isEmpty()) {
            gaps.add(new NotAssessed("room", Place.of(Stage.VESSEL), List.of("/room")));
        }
        if (design.ground().layers().isEmpty()) {
            gaps.add(new NotAssessed("ground", Place.of(Stage.GROUND), List.of("/ground/layers")));
        }
        if (mass.isPresent() && mass.get().capacity().isEmpty()) {
            gaps.add(new NotAssessed(
                    "stand", Place.part(Stage.VESSEL, "stand"), List.of("/vessel/structure/stand_capacity_kg")));
        }
        mass.ifPresent(m -> m.unweighed()
                .forEach(id -> gaps.add(
                        new NotAssessed("hardscape_mass", Place.part(Stage.HARDSCAPE, id), List.of("/hardscape")))));
    }

    private static void part(List<NotAssessed> gaps, String topic, Stage stage, boolean present) {
        if (present) {
            gaps.add(new NotAssessed(topic, Place.of(stage), List.of()));
        }
    }
}
