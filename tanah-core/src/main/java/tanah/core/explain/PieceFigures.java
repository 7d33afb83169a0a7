package tanah.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.design.Solids;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.units.Unit;

/** What stands in the vessel. */
final class PieceFigures {
    private PieceFigures() {}

    static List<Figure> of(Evaluation e, Catalogue catalogue) {
        List<Figure> all = new ArrayList<>();
        for (HardscapeItem item : e.design().hardscape()) {
            piece(all, item, catalogue);
        }
        return all;
    }

    private static void piece(List<Figure> all, HardscapeItem item, Catalogue catalogue) {
        String id = "piece." + item.id() + ".";
        String path = "hardscape[" + item.id() + "]";
        PieceMove.Box box = PieceMove.box(item);
        boolean measured = item.volume().isPresent();
        all.add(new Figure(
                id + "volume",
                measured ? "piece.volume_measured" : "piece.volume",
                item.id(),
                Solids.volume(item),
                OptionalDouble.empty(),
                Unit.LITRE,
                Optional.empty(),
                measured ? Standing.KEEPER : Standing.DERIVED,
                measured
                        ? List.of()
                        : List.of(
                                new Input.Typed("length", path, box.length(), Unit.CENTIMETRE),
                                new Input.Typed("width", path, box.width(), Unit.CENTIMETRE),
                                new Input.Typed("height", path, item.height(), Unit.CENTIMETRE))));
        Solids.mass(item, catalogue)
                .ifPresent(mass -> all.add(new Figure(
                        id + "mass",
                        item.mass().isPresent() ? "piece.mass_weighed" : "piece.mass",
                        item.id(),
                        mass,
                        OptionalDouble.empty(),
                        Unit.KILOGRAM,
                        Optional.empty(),
                        item.mass().isPresent() ? Standing.KEEPER : Standing.DERIVED,
                        inputs(item, id, catalogue))));
        all.add(new Figure(
                id + "top",
                "piece.top",
                item.id(),
                item.top(),
                OptionalDouble.empty(),
                Unit.CENTIMETRE,
                Optional.empty(),
                Standing.DERIVED,
                List.of(
                        new Input.Typed("base", path, item.base(), Unit.CENTIMETRE),
                        new Input.Typed("height", path, item.height(), Unit.CENTIMETRE))));
    }

    private static List<Input> inputs(HardscapeItem item, String id, Catalogue catalogue) {
        if (item.mass().isPresent()) {
            return List.of();
        }
        List<Input> inputs = new ArrayList<>();
        inputs.add(new Input.Computed("volume", id + "volume"));
        Optional<Medium> medium = item.media().flatMap(catalogue::findMedium);
        if (item.density().isPresent()) {
            inputs.add(new Input.Typed(
                    "density", "hardscape[" + item.id() + "]", item.density().getAsDouble(), Unit.KILOGRAM_PER_LITRE));
        } else if (medium.isPresent()) {
            inputs.add(new Input.Listed(
                    "density",
                    "media",
                    medium.get().id(),
                    medium.get().dryDensity(),
                    Unit.KILOGRAM_PER_LITRE,
                    medium.get().provenance().density()));
        }
        return inputs;
    }
}
