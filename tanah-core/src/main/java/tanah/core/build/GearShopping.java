package tanah.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.PriceBand;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.Device;

/** Devices, their guards and their tubes. A tube is bought by the metre, a tenth more than planned (common practice). */
final class GearShopping {
    private static final double WASTE = 1.1;
    private static final double SAME_BORE = 5e-4; // m

    private GearShopping() {}

    static List<BuyLine> lines(Design design, Catalogue catalogue) {
        Map<String, List<BuyLine.Share>> pieces = new LinkedHashMap<>();
        Map<String, List<BuyLine.Share>> tubes = new LinkedHashMap<>();
        for (Device device : design.devices()) {
            add(pieces, device.item(), device.id(), 1);
            device.guard().ifPresent(g -> add(pieces, g, device.id(), 1));
            device.circuit()
                    .ifPresent(c -> c.stretches()
                            .forEach(s -> tube(s, catalogue)
                                    .ifPresent(hose -> add(tubes, hose.id(), device.id(), s.length() * WASTE))));
        }
        List<BuyLine> lines = new ArrayList<>();
        pieces.forEach((item, shares) -> line(item, "piece", shares, catalogue).ifPresent(lines::add));
        tubes.forEach((item, shares) -> line(item, "m", shares, catalogue).ifPresent(lines::add));
        return lines;
    }

    private static void add(Map<String, List<BuyLine.Share>> needs, String item, String part, double amount) {
        needs.computeIfAbsent(item, k -> new ArrayList<>()).add(new BuyLine.Share(part, amount));
    }

    private static Optional<Gear> tube(Device.Stretch stretch, Catalogue catalogue) {
        return catalogue.allGear().stream()
                .filter(g -> g.category().equals("hose"))
                .filter(g -> Math.abs(g.flow().bore().orElse(0) - stretch.bore()) <= SAME_BORE)
                .min(Comparator.comparing(Gear::id));
    }

    private static Optional<BuyLine> line(String item, String unit, List<BuyLine.Share> shares, Catalogue catalogue) {
        return catalogue.findGear(item).map(gear -> {
            double need = shares.stream().mapToDouble(BuyLine.Share::amount).sum();
            Range each = gear.price().map(GearShopping::range).orElse(new Range(0, 0));
            return new BuyLine(
                    item,
                    need,
                    unit,
                    shares,
                    0,
                    Optional.empty(),
                    each.times(need),
                    gear.note().map(List::of).orElse(List.of()));
        });
    }

    private static Range range(PriceBand band) {
        return new Range(band.low(), band.high());
    }
}
