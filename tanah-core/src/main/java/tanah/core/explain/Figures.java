package tanah.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluation;

/** Every number of an evaluation that a page shows, as a figure, in working order. */
public final class Figures {
    private Figures() {}

    public static List<Figure> of(Evaluation e, Catalogue catalogue) {
        List<Figure> all = new ArrayList<>();
        e.animals().forEach(animal -> all.addAll(NeedFigures.of(animal)));
        e.vessel().ifPresent(vessel -> all.addAll(BoxFigures.of(e, vessel)));
        e.design().room().ifPresent(room -> all.addAll(BoxFigures.room(room)));
        e.ground().ifPresent(ground -> all.addAll(GroundFigures.of(e, ground, catalogue)));
        e.water().ifPresent(water -> all.addAll(WaterFigures.of(e, water)));
        e.circulation().ifPresent(c -> all.addAll(DeviceFigures.of(e, c)));
        e.forecast().ifPresent(f -> all.addAll(ClimateFigures.of(e, f, catalogue)));
        all.addAll(PieceFigures.of(e, catalogue));
        e.mass().ifPresent(mass -> all.addAll(MassFigures.of(e, mass)));
        e.shopping().ifPresent(shopping -> all.addAll(MassFigures.bill(shopping)));
        return List.copyOf(all);
    }

    public static Optional<Figure> find(Evaluation e, String id, Catalogue catalogue) {
        return of(e, catalogue).stream().filter(f -> f.id().equals(id)).findFirst();
    }
}
