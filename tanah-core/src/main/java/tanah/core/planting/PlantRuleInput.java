package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.edit.PlantEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.GroundResult;
import tanah.core.vessel.Vessel;

/** What a rule of plants is given. */
record PlantRuleInput(Design design, Vessel vessel, GroundResult ground, List<Inhabitant> animals, Planted planted) {

    Finding finding(
            RuleId rule,
            Severity severity,
            Planted.Piece piece,
            String variant,
            List<Measure> measures,
            List<Remedy> remedies,
            String... more) {
        List<String> words = new ArrayList<>();
        words.add(name(piece));
        words.addAll(List.of(more));
        return Finding.of(rule, severity, Place.part(Stage.PLANTING, piece.id()), measures, remedies)
                .worded(variant, words.toArray(String[]::new));
    }

    /** What a plant is called: by its keeper, else its Latin name. */
    static String name(Planted.Piece piece) {
        return piece.piece()
                .name()
                .or(() -> piece.kind().map(PlantModel::scientificName))
                .orElse(piece.piece().label());
    }

    static Remedy takeOut(Planted.Piece piece) {
        return Remedy.change("plant-out", new PlantEdit.Remove(piece.id()));
    }

    /** Set elsewhere, where that is better by a good deal; nothing until the whole day is known. */
    Optional<Remedy> elsewhere(Planted.Piece piece) {
        double now =
                piece.fit().flatMap(f -> f.score().stream().boxed().findFirst()).orElse(0.0);
        return planted.elsewhere(design, vessel, piece.id())
                .filter(f -> f.score() >= Math.max(0.5, now + 0.1))
                .map(f -> Remedy.change(
                        "replant",
                        new PlantEdit.Replant(piece.id(), f.on(), f.x(), f.y()),
                        new Measure("x", f.x(), tanah.core.units.Unit.CENTIMETRE),
                        new Measure("y", f.y(), tanah.core.units.Unit.CENTIMETRE)));
    }

    /** A kind that does well where this one stands. */
    Optional<Remedy> another(Planted.Piece piece) {
        return planted.instead(piece)
                .map(c -> Remedy.change(
                                "other-kind",
                                new PlantEdit.ChooseKind(piece.id(), c.kind().id()))
                        .words(c.kind().scientificName()));
    }

    /** What helps where it is no matter of life: another kind may be chosen at leisure. */
    static List<Remedy> small(Planted.Piece piece) {
        return List.of(Remedy.change("choose-kind", new Remedy.Action.GoTo(Stage.PLANTING)), takeOut(piece));
    }

    /** What helps a plant that does not do where it stands: another place, another kind, none. */
    List<Remedy> ways(Planted.Piece piece) {
        List<Remedy> all = new ArrayList<>();
        elsewhere(piece).ifPresent(all::add);
        another(piece).ifPresent(all::add);
        all.add(takeOut(piece));
        return all;
    }
}
