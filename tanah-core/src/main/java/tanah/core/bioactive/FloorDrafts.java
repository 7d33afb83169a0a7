package tanah.core.bioactive;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.cleanup.Cleanup;
import tanah.core.cleanup.Leavings;
import tanah.core.cleanup.RefugeOnFloor;
import tanah.core.cleanup.RefugeProposal;
import tanah.core.crew.CrewYear;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Surface;
import tanah.core.evaluate.Computed;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.ground.LayerResult;

/** The grounds and crews that are tried. Depths, shares and numbers are common practice, no source. */
final class FloorDrafts {
    private static final String LEAVES = "leaf_litter";
    private static final double DEEP = 0.02; // m of loose litter: 800 g/m²
    private static final double DEEPER = 0.05; // m, for animals that eat it
    private static final double DRY_DEPTH = 0.01; // m, in dry boxes
    private static final double DRY = 0.45; // water over field capacity, below which a damp place helps
    private static final double WET = 0.9; // over which a dry place helps
    private static final double[] SHARES = {0.10, 0.15, 0.20, 0.25}; // of the land
    private static final double LIVES = 0.15; // of its pace at 24 °C; whether it holds is what the year says
    private static final double THINNER = 1e-6; // m
    private static final String LARGE = "isopod"; // who eats leaves and droppings
    private static final String USUAL = "springtail"; // the usual small kind, before pot worms
    private static final int SMALL_KINDS = 3;
    private static final int LARGE_KINDS = 6;

    private final Evaluation before;
    private final Catalogue catalogue;
    private final FloorTrial trial;

    FloorDrafts(Evaluation before, Catalogue catalogue, FloorTrial trial) {
        this.before = before;
        this.catalogue = catalogue;
        this.trial = trial;
    }

    /** A ground that was laid, and what it comes to. */
    record Laid(FloorDraft draft, Computed computed) {}

    /** The ground as it is, with litter or more of it, each also with a damp or dry place. */
    List<Laid> grounds() {
        List<Laid> all = new ArrayList<>();
        List<FloorDraft> grounds = new ArrayList<>();
        grounds.add(new FloorDraft(before.design(), List.of()));
        litter(before.design(), before.computed()).ifPresent(grounds::add);
        for (FloorDraft g : grounds) {
            Computed on = g.changes().isEmpty() ? before.computed() : Evaluator.compute(g.design(), catalogue);
            if (g.changes().isEmpty() || on.ground().isPresent()) {
                FloorDraft counted = counted(g, on);
                all.add(new Laid(counted, on));
                places(counted, on).forEach(d -> all.add(new Laid(d, on)));
            }
        }
        return all;
    }

    /** Litter as deep as is usual, where there is none or less; empty where there is no ground under it, or enough. */
    static Optional<FloorDraft> litter(Design design, Computed computed) {
        List<Layer> soils = design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                .filter(l -> !l.options().aquatic().orElse(false))
                .toList();
        if (computed.vessel().isEmpty() || soils.isEmpty()) {
            return Optional.empty();
        }
        boolean dry = soils.get(soils.size() - 1).wetness() < DRY;
        double depth = Leavings.of(computed.animals()).eaten() > 0 ? DEEPER : dry ? DRY_DEPTH : DEEP;
        Optional<Layer> lies = design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.LITTER))
                .findFirst();
        Optional<Ground> laid = lies.isEmpty()
                ? Optional.of(on(
                        design.ground(),
                        // leaves lie as damp as the ground under them
                        NewLayer.of(design, Layer.Kind.LITTER, LEAVES, depth)
                                .withWetness(soils.get(soils.size() - 1).wetness())))
                : lies.filter(l -> l.surface() instanceof Surface.Thickness t && t.thickness() < depth - THINNER)
                        .map(l -> design.ground().change(l.id(), x -> x.withSurface(new Surface.Thickness(depth))));
        return laid.map(
                g -> new FloorDraft(design, List.of()).with(design.withGround(g), new FloorChange.Litter(depth, 0)));
    }

    private static Ground on(Ground ground, Layer layer) {
        return ground.insert(ground.layers().size(), layer);
    }

    /** With the litres of litter that it came to. */
    private static FloorDraft counted(FloorDraft draft, Computed on) {
        double volume = draft.design().ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.LITTER))
                .flatMap(l -> on.ground().flatMap(g -> g.layer(l.id())).stream())
                .mapToDouble(LayerResult::loose)
                .sum();
        return new FloorDraft(
                draft.design(),
                draft.changes().stream()
                        .map(c -> c instanceof FloorChange.Litter l ? new FloorChange.Litter(l.depth(), volume) : c)
                        .toList());
    }

    /** With a part kept damp where it is dry, or dry where it is wet, smallest first. */
    private List<FloorDraft> places(FloorDraft ground, Computed on) {
        Optional<Cleanup> now = trial.cleanup(ground.design(), on);
        if (now.isEmpty()) {
            return List.of();
        }
        double wetness = now.get().climate().wetness();
        boolean damp = wetness < DRY;
        boolean has = now.get().refuges().stream().anyMatch(r -> r.refuge().damp() == damp && r.share() > 0);
        if (has || !damp && wetness <= WET) {
            return List.of();
        }
        boolean coolLeft = RefugeProposal.isCoolLeft(before.forecast().orElseThrow());
        List<FloorDraft> all = new ArrayList<>();
        for (double share : SHARES) {
            RefugeProposal.with(
                            ground.design(),
                            on.vessel().orElseThrow(),
                            on.ground().orElseThrow(),
                            coolLeft,
                            damp,
                            share)
                    .flatMap(made -> trial.cleanup(made, on).map(c -> ground.with(made, kept(c))))
                    .ifPresent(all::add);
        }
        return all;
    }

    private static FloorChange.Keep kept(Cleanup c) {
        RefugeOnFloor last = c.refuges().get(c.refuges().size() - 1);
        return new FloorChange.Keep(last.refuge().damp(), last.share(), last.water());
    }

    /**
     * The crew as it is, also without those that do not live there, each also with kinds that live there.
     *
     * @param heavy as many as for a heavy load, also of those that are set
     */
    List<FloorDraft> crews(Laid laid, boolean heavy) {
        Optional<Cleanup> now = trial.cleanup(laid.draft().design(), laid.computed());
        if (now.isEmpty()) {
            return List.of();
        }
        List<FloorDraft> all = new ArrayList<>();
        FloorDraft without = without(laid.draft(), now.get());
        filled(laid.draft(), now.get(), heavy, all);
        if (!without.equals(laid.draft())) {
            filled(without, now.get(), heavy, all);
        }
        return all;
    }

    private static FloorDraft without(FloorDraft draft, Cleanup now) {
        FloorDraft left = draft;
        for (Cleanup.Group g : now.doses()) {
            boolean lives = g.lives() >= LIVES && g.verdict().orElse(CrewYear.Verdict.HOLDS) == CrewYear.Verdict.HOLDS;
            if (g.model().isPresent() && !lives) {
                left = left.leaveOut(g.dose());
            }
        }
        return left;
    }

    private void filled(FloorDraft base, Cleanup now, boolean heavy, List<FloorDraft> all) {
        List<CrewModel> small = kinds(base, now, CrewModel::isMicro, SMALL_KINDS);
        List<CrewModel> large = kinds(base, now, m -> m.names().type().startsWith(LARGE), LARGE_KINDS);
        double floor = now.plan().floor();
        FloorDraft start = heavy ? raised(base, now) : base;
        all.add(start);
        small.forEach(s -> all.add(start.set(s, count(s, floor, heavy))));
        large.forEach(l -> all.add(start.set(l, count(l, floor, heavy))));
        for (CrewModel s : small) {
            for (CrewModel l : large) {
                all.add(start.set(s, count(s, floor, heavy)).set(l, count(l, floor, heavy)));
            }
        }
    }

    private static int count(CrewModel kind, double floor, boolean heavy) {
        return (int) Math.max(
                1, Math.ceil((heavy ? kind.start().heavy() : kind.start().normal()) * floor));
    }

    /** Those that are set, as many as for a heavy load. */
    private static FloorDraft raised(FloorDraft base, Cleanup now) {
        FloorDraft more = base;
        for (CrewChoice.Dose d : base.design().crew().doses()) {
            Optional<Cleanup.Group> g = now.doses().stream()
                    .filter(x -> x.dose().id().equals(d.id()))
                    .findFirst();
            int most = g.flatMap(Cleanup.Group::model)
                    .map(m -> count(m, now.plan().floor(), true))
                    .orElse(0);
            if (g.isPresent() && g.get().verdict().isPresent() && g.get().count() < most) {
                more = more.more(d, most);
            }
        }
        return more;
    }

    /** Kinds that are not set yet and breed there, best first. */
    private List<CrewModel> kinds(FloorDraft base, Cleanup now, Predicate<CrewModel> work, int most) {
        return catalogue.allCrew().stream()
                .filter(m -> !m.kind().water() && m.law().caution() == 0)
                .filter(m -> m.start().normal() > 0 && m.kind().growth() > 0)
                .filter(work)
                .filter(m -> base.design().crew().doses().stream()
                        .noneMatch(d -> d.species().equals(m.id())))
                .filter(m -> lives(m, now) >= LIVES)
                .sorted(Comparator.comparingDouble((CrewModel m) -> -suits(m, now))
                        .thenComparing(m -> !m.names().type().equals(USUAL))
                        .thenComparingDouble(m -> offMiddle(m, now))
                        .thenComparing(CrewModel::id))
                .limit(most)
                .toList();
    }

    /** Share of its pace that warmth and water of the floor leave it, in hundredths, without being faster the warmer it is. */
    private static double suits(CrewModel m, Cleanup now) {
        double ground = m.kind()
                .ground(now.plan().wetness(), now.plan().pocket(), now.plan().refuge());
        return Math.round(100 * m.kind().bears(now.plan().celsius()) * ground) / 100.0;
    }

    /** How far the floor is from the middle of where it thrives (K). */
    private static double offMiddle(CrewModel m, Cleanup now) {
        return Math.abs(now.plan().celsius() - (m.kind().thrives() + m.kind().thrivesTo()) / 2);
    }

    private static double lives(CrewModel m, Cleanup now) {
        return m.kind().warmth(now.plan().celsius())
                * m.kind()
                        .ground(
                                now.plan().wetness(),
                                now.plan().pocket(),
                                now.plan().refuge());
    }
}
