package tanah.files.result;

import static tanah.files.result.EvaluationWriter.number;

import java.util.List;
import java.util.Locale;
import tanah.core.cleanup.Cleanup;
import tanah.core.crew.CrewYear;
import tanah.core.units.Unit;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes waste, litter and crew of a year. */
final class CleanupWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final int[] DAYS = {0, 7, 28, 90, 180, 365};

    private CleanupWriter() {}

    static ObjectNode cleanup(Cleanup c) {
        ObjectNode node = JSON.objectNode();
        number(node, "floor_cm2", Unit.SQUARE_CENTIMETRE.fromSi(c.plan().floor()));
        number(node, "floor_c", c.climate().celsius());
        number(node, "floor_water_of_field_capacity", c.climate().wetness());
        grams(node, "waste_g_d", c.plan().waste());
        node.put("load", c.load().name().toLowerCase(Locale.ROOT));
        number(node, "spot_frac", c.plan().spot());
        c.balance().ifPresent(day -> node.put("balance_day", day));
        grams(node, "litter_g", c.plan().litter());
        grams(node, "litter_min_g", c.least());
        c.reserve().ifPresent(days -> number(node, "litter_reserve_d", days));
        ArrayNode crew = node.putArray("crew");
        List<Cleanup.Group> followed =
                c.doses().stream().filter(g -> g.verdict().isPresent()).toList();
        for (Cleanup.Group g : c.doses()) {
            ObjectNode one = crew.addObject()
                    .put("id", g.dose().id())
                    .put("species", g.dose().species());
            number(one, "count", g.count());
            number(one, "pace", g.lives());
            g.verdict().ifPresent(v -> one.put("verdict", v.name().toLowerCase(Locale.ROOT)));
            int index = followed.indexOf(g);
            if (index >= 0) {
                ObjectNode days = one.putObject("count_by_day");
                for (int day : DAYS) {
                    number(
                            days,
                            String.valueOf(day),
                            c.year().days().get(day).counts().get(index));
                }
            }
        }
        ArrayNode year = node.putArray("year");
        for (int day : DAYS) {
            CrewYear.Day d = c.year().days().get(day);
            ObjectNode at = year.addObject().put("day", day);
            grams(at, "litter_g", d.litter());
            grams(at, "waste_g", d.waste());
            grams(at, "frass_g", d.frass());
        }
        return node;
    }

    private static void grams(ObjectNode node, String name, double kilograms) {
        number(node, name, Unit.GRAM.fromSi(kilograms));
    }
}
