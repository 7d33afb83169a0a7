package tanah.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;

/** Pots of each kind of plant: one gives several pieces. */
final class PlantShopping {
    private PlantShopping() {}

    static List<BuyLine> lines(Design design, Catalogue catalogue) {
        Map<String, List<BuyLine.Share>> pieces = new LinkedHashMap<>();
        for (PlantPiece p : design.plants()) {
            p.kind()
                    .flatMap(catalogue::findPlant)
                    .ifPresent(kind -> pieces.computeIfAbsent(kind.id(), k -> new ArrayList<>())
                            .add(new BuyLine.Share(p.id(), wanted(p, kind))));
        }
        List<BuyLine> lines = new ArrayList<>();
        pieces.forEach(
                (item, shares) -> lines.add(line(catalogue.findPlant(item).orElseThrow(), shares)));
        return lines;
    }

    /** Pieces that one entry of the plan takes: of a carpet as many as its area wants. */
    private static double wanted(PlantPiece p, PlantModel kind) {
        return p.size().area().isPresent()
                ? Math.max(
                        1, Math.ceil(p.size().area().getAsDouble() * kind.pots().perM2()))
                : 1;
    }

    private static BuyLine line(PlantModel kind, List<BuyLine.Share> shares) {
        double pieces = shares.stream().mapToDouble(BuyLine.Share::amount).sum();
        double perPot = kind.pots().pieces() * kind.handling().takes();
        double pots = Math.ceil(pieces / Math.max(1, perPot) - 1e-9);
        Range each = kind.pots().price().map(b -> new Range(b.low(), b.high())).orElse(new Range(0, 0));
        return new BuyLine(
                kind.id(),
                pots,
                BuyLine.POT,
                shares,
                0,
                Optional.empty(),
                each.times(pots),
                List.of(kind.handling().wash()));
    }
}
