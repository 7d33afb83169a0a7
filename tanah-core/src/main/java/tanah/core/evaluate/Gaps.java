package tanah.core.evaluate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Planting;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Place;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;
import tanah.core.structure.MassResult;
import tanah.core.structure.StackRule;

/** What was not judged: values that are missing, and parts of the document that no stage reads yet. */
final class Gaps {
    private Gaps() {}

    static List<NotAssessed> of(Computed c, Catalogue catalogue) {
        Design design = c.design();
        List<NotAssessed> gaps = new ArrayList<>();
        missing(design, c.mass(), gaps);
        part(gaps, "stacks", Stage.HARDSCAPE, StackRule.isIncomplete(design, catalogue));
        boolean runs = design.devices().size() > c.inWater() || design.air().isPresent();
        part(gaps, "climate", Stage.HEAT, runs && c.forecast().isEmpty());
        c.forecast().ifPresent(f -> climate(f, gaps));
        c.circulation()
                .ifPresent(w -> w.runs().stream()
                        .filter(r -> !r.isComplete())
                        .forEach(r -> gaps.add(new NotAssessed(
                                "features",
                                Place.part(
                                        Stage.WATER, r.feature().orElseThrow().id()),
                                List.of("/water/features")))));
        design.water()
                .ifPresent(w -> w.features().stream()
                        .filter(f -> f.pump().flatMap(design::device).isEmpty())
                        .forEach(f -> gaps.add(new NotAssessed(
                                "features", Place.part(Stage.WATER, f.id()), List.of("/water/features")))));
        design.vessel()
                .ifPresent(v -> v.envelope().vents().stream()
                        .filter(o -> o.face() == Envelope.Face.BOTTOM)
                        .forEach(o -> gaps.add(new NotAssessed(
                                "vent_bottom", Place.part(Stage.AIR, o.id()), List.of("/vessel/vents")))));
        part(
                gaps,
                "plants",
                Stage.PLANTING,
                !design.plants().isEmpty() && c.planted().isEmpty());
        part(
                gaps,
                "planting",
                Stage.PLANTING,
                !Planting.WEIGHTS.containsAll(design.planting().weights().keySet()));
        part(
                gaps,
                "crew",
                Stage.CREW,
                !design.crew().equals(CrewChoice.NONE) && c.cleanup().isEmpty());
        part(gaps, "build", Stage.BUILD, design.kept().has("build"));
        if (design.vessel().isPresent() && c.panes().isEmpty()) {
            gaps.add(new NotAssessed("panes", Place.of(Stage.VESSEL), List.of()));
        }
        return gaps;
    }

    /** Devices that the climate was computed without, and the day if it was not computed. */
    private static void climate(Forecast forecast, List<NotAssessed> gaps) {
        forecast.mapped().left().forEach(l -> gaps.add(left(l, Place.part(Stage.HEAT, l.device()))));
        if (!forecast.hasDays()) {
            gaps.add(new NotAssessed("day", Place.of(Stage.AIR), List.of()));
        }
    }

    private static NotAssessed left(MappedDesign.LeftOut left, Place where) {
        return switch (left.why()) {
            case "dry" -> new NotAssessed("device_dry", where, List.of("/devices"));
            case "rain" -> new NotAssessed("device_rain", where, List.of("/devices"));
            case "idle" -> new NotAssessed("device_idle", where, List.of("/devices"));
            case "apart" -> new NotAssessed("device_apart", where, List.of("/devices"));
            default -> new NotAssessed("device_unknown", where, List.of("/devices"));
        };
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
