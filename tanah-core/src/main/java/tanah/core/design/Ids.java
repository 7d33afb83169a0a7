package tanah.core.design;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Ids of a design: unique in the whole document, given by the tool, never changed by a rename. */
public final class Ids {
    private Ids() {}

    /** The stem itself if it is free, else the stem with the next number. */
    public static String free(Design design, String stem) {
        Set<String> taken = all(design);
        if (!taken.contains(stem)) {
            return stem;
        }
        int n = 2;
        while (taken.contains(stem + "-" + n)) {
            n++;
        }
        return stem + "-" + n;
    }

    /** Every id of the document, those of stages that nothing reads yet included. */
    public static Set<String> all(Design design) {
        Set<String> ids = new HashSet<>();
        design.animals().forEach(a -> ids.add(a.id()));
        design.ground().layers().forEach(l -> ids.add(l.id()));
        design.ground().dams().forEach(d -> ids.add(d.id()));
        design.hardscape().forEach(h -> ids.add(h.id()));
        design.devices().forEach(d -> ids.add(d.id()));
        design.probes().forEach(p -> ids.add(p.id()));
        design.plants().forEach(p -> ids.add(p.id()));
        design.crew().doses().forEach(d -> ids.add(d.id()));
        design.crew().refuges().forEach(r -> ids.add(r.id()));
        collect(design.kept().fields(), ids);
        design.water().ifPresent(w -> {
            w.ramps().forEach(r -> ids.add(r.id()));
            w.features().forEach(f -> ids.add(f.id()));
            collect(w.kept().fields(), ids);
        });
        design.vessel().ifPresent(v -> {
            v.envelope().vents().forEach(o -> ids.add(o.id()));
            v.envelope().insulation().forEach(i -> ids.add(i.id()));
            collect(v.kept().fields(), ids);
        });
        design.air().flatMap(AirPlan::mist).ifPresent(m -> m.nozzles().forEach(n -> ids.add(n.id())));
        return ids;
    }

    private static void collect(Object value, Set<String> ids) {
        if (value instanceof Map<?, ?> map) {
            if (map.get("id") instanceof String id) {
                ids.add(id);
            }
            map.values().forEach(v -> collect(v, ids));
        } else if (value instanceof List<?> list) {
            list.forEach(v -> collect(v, ids));
        }
    }
}
