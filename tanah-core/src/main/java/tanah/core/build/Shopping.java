package tanah.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Pack;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.MeshRule;
import tanah.core.vessel.Vessel;

/**
 * What to buy for a design: its ground, mixed, the devices of its water, and its plants. Waste (common practice): loose media 5 %, leaf litter 10 %,
 * membranes 15 %, unless the layer gives its own. A separator is turned up 3 cm at every wall.
 */
public record Shopping(List<BuyLine> lines, List<MixBatch> batches, Range price, int withoutPacks) {
    private static final double WASTE_MESH = 0.15;
    private static final double TURN_UP = 0.03; // m
    private static final Range MESH_PRICE = new Range(8, 20); // for a square metre, from memory

    public Shopping {
        lines = List.copyOf(lines);
        batches = List.copyOf(batches);
    }

    public static Shopping of(Design design, Vessel vessel, GroundResult ground, Catalogue catalogue) {
        return of(design, vessel, ground, Map.of(), catalogue);
    }

    /** @param atHand loose litres that the keeper has, by medium (m³) */
    public static Shopping of(
            Design design, Vessel vessel, GroundResult ground, Map<String, Double> atHand, Catalogue catalogue) {
        Map<String, List<BuyLine.Share>> needs = new LinkedHashMap<>();
        Map<String, List<Pack>> bags = new LinkedHashMap<>();
        List<MixBatch> batches = new ArrayList<>();
        for (Layer layer : design.ground().layers()) {
            LayerResult result = ground.layer(layer.id()).orElseThrow();
            boolean bagged = result.bags().isPresent() && result.components().size() == 1;
            // whoever counts bags on the ground's page buys just those
            double waste = 1 + (bagged ? layer.options().waste().orElse(0) : layer.waste());
            for (LayerResult.Component c : result.components()) {
                needs.computeIfAbsent(c.media(), k -> new ArrayList<>())
                        .add(new BuyLine.Share(layer.id(), c.loose() * waste));
            }
            if (bagged) {
                bag(layer, result.components().get(0).media())
                        .ifPresent(p -> bags.computeIfAbsent(p.item(), k -> new ArrayList<>())
                                .add(p));
            }
            if (result.components().size() > 1) {
                batches.add(batch(layer, result, waste));
            }
        }
        List<BuyLine> lines = new ArrayList<>();
        needs.forEach(
                (item, shares) -> lines.add(line(item, shares, bags.getOrDefault(item, List.of()), atHand, catalogue)));
        mesh(design, vessel, ground).ifPresent(lines::add);
        lines.addAll(GearShopping.lines(design, catalogue));
        lines.addAll(PlantShopping.lines(design, catalogue));
        double low = lines.stream().mapToDouble(l -> l.price().min()).sum();
        double high = lines.stream().mapToDouble(l -> l.price().max()).sum();
        int open = (int) lines.stream()
                .filter(l -> l.packs().isEmpty() && l.kind() == BuyLine.Kind.GROUND)
                .count();
        return new Shopping(lines, batches, new Range(low, high), open);
    }

    /** Price of the ground, of the devices and what belongs to them, or of the plants. */
    public Range price(BuyLine.Kind kind) {
        List<BuyLine> some = lines.stream().filter(l -> l.kind() == kind).toList();
        return new Range(
                some.stream().mapToDouble(l -> l.price().min()).sum(),
                some.stream().mapToDouble(l -> l.price().max()).sum());
    }

    private static MixBatch batch(Layer layer, LayerResult result, double waste) {
        double sum = result.components().stream()
                .mapToDouble(LayerResult.Component::loose)
                .sum();
        List<MixBatch.Part> parts = result.components().stream()
                .map(c -> new MixBatch.Part(c.media(), c.loose() * waste, c.loose() / sum))
                .toList();
        return new MixBatch(layer.id(), parts, sum * waste, result.shape().netVolume());
    }

    /** The bag that the keeper says a layer is bought in, at its price, else at the usual one. */
    private static Optional<Pack> bag(Layer layer, String item) {
        return layer.options().bagVolume().isPresent()
                        && layer.options().bagPrice().isPresent()
                ? Optional.of(new Pack(
                        "bag-" + layer.id(),
                        item,
                        layer.options().bagVolume().getAsDouble(),
                        "l",
                        Math.round(100 * layer.options().bagPrice().getAsDouble()),
                        "keeper",
                        ""))
                : Optional.empty();
    }

    /** @param own bags that the keeper buys it in, which count before those of the catalogue */
    private static BuyLine line(
            String item, List<BuyLine.Share> shares, List<Pack> own, Map<String, Double> atHand, Catalogue catalogue) {
        Medium medium = catalogue.findMedium(item).orElseThrow();
        double need = shares.stream().mapToDouble(BuyLine.Share::amount).sum();
        double had = Math.min(need, atHand.getOrDefault(item, 0.0));
        double rest = need - had;
        Optional<PackChoice> packs = Packs.cheapest(rest, own.isEmpty() ? catalogue.packsOf(item) : own);
        Range price = packs.map(p -> new Range(p.price() / 100.0, p.price() / 100.0))
                .orElseGet(() -> medium.price().times(rest * 1000));
        return new BuyLine(item, need, "l", shares, had, packs, price, medium.flags());
    }

    /** The separator under the soil: plan area and a turned-up edge at every wall. */
    private static Optional<BuyLine> mesh(Design design, Vessel vessel, GroundResult ground) {
        Optional<Layer> over = MeshRule.layerOnDrainage(design.ground().layers(), ground)
                .filter(l -> l.options().hasMesh());
        if (over.isEmpty()) {
            return Optional.empty();
        }
        double area = 0;
        for (Cell cell : ground.terrain().cells()) {
            area += cell.slab(over.get().id()).isPresent() ? cell.plan().area() : 0;
        }
        double edge = over.get().region().isPresent()
                ? over.get().region().get().outline().perimeter()
                : vessel.outline().perimeter();
        double need = (area + TURN_UP * edge) * (1 + WASTE_MESH);
        return Optional.of(new BuyLine(
                "mesh",
                need,
                "m2",
                List.of(new BuyLine.Share(over.get().id(), need)),
                0,
                Optional.empty(),
                MESH_PRICE.times(need),
                List.of()));
    }
}
