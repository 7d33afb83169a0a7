package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Lime in sand or stone where acid ground is laid: it raises the pH for years (common practice). By how much is not
 * computed; a test of water and ground tells.
 */
public final class LimeRule {
    public static final RuleId ID = new RuleId("GW-042");
    private static final double ACID = 5.5; // highest pH of a medium that makes ground acid
    private static final double MEANT = 0.4; // share of such media from which acid ground is meant

    private LimeRule() {}

    public static List<Finding> judge(Design design, GroundResult ground, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        double share = design.ground().layers().stream()
                .flatMap(l -> ground.soil(l.id()).stream())
                .mapToDouble(LimeRule::acidShare)
                .max()
                .orElse(0);
        if (share < MEANT) {
            return findings;
        }
        for (Layer layer : design.ground().layers()) {
            ground.soil(layer.id()).stream()
                    .flatMap(s -> s.parts().stream())
                    .map(Soil.Part::medium)
                    .filter(Medium::lime)
                    .findFirst()
                    .ifPresent(m -> findings.add(finding(Place.part(Stage.GROUND, layer.id()), m, share)));
        }
        for (HardscapeItem item : design.hardscape()) {
            item.media()
                    .flatMap(catalogue::findMedium)
                    .filter(Medium::lime)
                    .ifPresent(m -> findings.add(finding(Place.part(Stage.HARDSCAPE, item.id()), m, share)));
        }
        return findings;
    }

    private static double acidShare(Soil soil) {
        return soil.parts().stream()
                .filter(p -> p.medium().ph().max() <= ACID)
                .mapToDouble(Soil.Part::settledShare)
                .sum();
    }

    private static Finding finding(Place place, Medium medium, double share) {
        return Finding.of(
                        ID,
                        Severity.CAUTION,
                        place,
                        List.of(new Measure("acid_share", share, Unit.PERCENT)),
                        List.of(Remedy.change("take-lime-free", new Action.GoTo(place.stage()))))
                .worded("", medium.name());
    }
}
