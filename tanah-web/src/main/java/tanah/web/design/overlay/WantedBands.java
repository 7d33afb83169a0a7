package tanah.web.design.overlay;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;
import tanah.core.need.Need;
import tanah.core.need.Want;
import tanah.web.svg.FieldScale;

/** The legend of a field: fixed colours, with a mark on those that an animal of the plan wants at the hour that is shown. */
final class WantedBands {
    private static final double PERCENT = 100;

    private WantedBands() {}

    static List<ClimateView.Band> legend(ClimateLook look, Evaluation e) {
        FieldScale scale = scale(look.fill(), look, e);
        List<ClimateView.Band> bands = new ArrayList<>();
        int count = scale.edges().size();
        for (int i = 0; i <= count && count > 0; i++) {
            String edge = i < count ? scale.shows().apply(scale.edges().get(i)).replace("UVI ", "") : "";
            bands.add(new ClimateView.Band(scale.colour(i), edge, scale.calm().contains(i)));
        }
        return bands;
    }

    /** The bands of a field; of the one that fills the drawing those that are wanted look calm. */
    static FieldScale scale(FieldKind kind, ClimateLook look, Evaluation e) {
        FieldScale scale = FieldScales.of(kind, e);
        if (kind != look.fill()) {
            return scale;
        }
        List<Range> wanted = wanted(look, e);
        Set<Integer> calm = new HashSet<>();
        int count = scale.edges().size();
        for (int i = 0; i <= count && count > 0; i++) {
            double low = i == 0 ? -Double.MAX_VALUE : scale.edges().get(i - 1);
            double high = i == count ? Double.MAX_VALUE : scale.edges().get(i);
            if (wanted.stream().anyMatch(r -> Math.min(high, r.max()) - Math.max(low, r.min()) > 1e-9)) {
                calm.add(i);
            }
        }
        return scale.calming(calm);
    }

    /** What the animals want of a field, in the unit of its edges. */
    private static List<Range> wanted(ClimateLook look, Evaluation e) {
        boolean lit =
                e.forecast().map(f -> f.mapped().enclosure().isLit(look.hour())).orElse(true);
        Set<Want> asked = switch (look.fill()) {
            case AIR -> lit ? Set.of(Want.WARM, Want.COOL) : Set.of(Want.NIGHT);
            case SURFACE -> lit ? Set.of(Want.WARM, Want.COOL, Want.BASKING) : Set.of(Want.NIGHT);
            case HUMIDITY -> lit ? Set.of(Want.HUMIDITY_DAY) : Set.of(Want.HUMIDITY_NIGHT);
            case UV -> Set.of(Want.UV);
            case LIGHT, SUITS, NONE -> Set.of();
        };
        double scale = look.fill() == FieldKind.HUMIDITY ? PERCENT : 1;
        return Need.ofAll(e.animals()).stream()
                .filter(n -> asked.contains(n.want()))
                .map(n -> new Range(scale * n.range().min(), scale * n.range().max()))
                .toList();
    }
}
