package tanah.core.design;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.catalogue.Catalogue;
import tanah.core.finding.Remedy.Action;

/** Turns an action into a new design. Pure: the date of a choice is handed in. */
public final class DesignEdit {
    private DesignEdit() {}

    /**
     * The design after the action; the same design where the action changes nothing.
     *
     * @param today date written beside a choice of school
     */
    public static Design apply(Design design, Action action, Catalogue catalogue, LocalDate today) {
        if (action instanceof Action.SetDepth a) {
            return ground(design, design.ground().change(a.layer(), l -> withDepth(l, design, a.depth())));
        }
        if (action instanceof Action.SetSlope a) {
            return ground(
                    design,
                    design.ground().change(a.layer(), l -> l.withSurface(new Surface.Slope(a.front(), a.back()))));
        }
        if (action instanceof Action.RemoveLayer a) {
            return ground(design, design.ground().without(a.layer()));
        }
        if (action instanceof Action.SetMedia a) {
            return ground(design, design.ground().change(a.layer(), l -> l.withMedia(new Recipe.Named(a.media()))));
        }
        if (action instanceof Action.SetMesh a) {
            return ground(
                    design,
                    design.ground()
                            .change(a.layer(), l -> l.withOptions(l.options().withMesh(true))));
        }
        if (action instanceof Action.SetMeshHole a) {
            return ground(
                    design,
                    design.ground()
                            .change(
                                    a.layer(),
                                    l -> l.withOptions(l.options().withMeshHole(OptionalDouble.of(a.hole())))));
        }
        if (action instanceof Action.AddDrainage a) {
            return ground(design, design.ground().insert(0, drainage(design, a.media(), a.depth())));
        }
        if (action instanceof Action.SetCount a) {
            return withCount(design, a);
        }
        if (action instanceof Action.SetSchool a) {
            return withSchool(design, new SchoolChoice(a.choice(), a.option(), Optional.empty(), today));
        }
        if (action instanceof Action.SetLevel
                || action instanceof Action.SetDamTop
                || action instanceof Action.SealDam
                || action instanceof Action.AcceptWicking
                || action instanceof Action.CoverWater
                || action instanceof Action.AddRamp
                || action instanceof Action.StandOnBase
                || action instanceof Action.AnchorItem) {
            return WaterEdit.apply(design, action);
        }
        if (action instanceof Action.SetDevice
                || action instanceof Action.SetGuard
                || action instanceof Action.SetOutlets
                || action instanceof Action.HangLamp
                || action instanceof Action.RemoveDevice
                || action instanceof Action.Control) {
            return DeviceEdit.apply(design, action);
        }
        if (action instanceof Action.SetMeshShare a) {
            return design.vessel()
                    .map(v -> design.withVessel(
                            v.withLid(v.lid().orElse(VesselPlan.Lid.UNSAID).withMeshFraction(a.share()))))
                    .orElse(design);
        }
        if (action instanceof Action.SetVessel a) {
            return catalogue
                    .findVessel(a.vessel())
                    .map(model -> design.withVessel(
                            Boxes.fromCatalogue(model, design.vessel().flatMap(VesselPlan::structure))))
                    .orElse(design);
        }
        return design;
    }

    /** The design with a choice added or changed; the entry's date is that of the choice. */
    public static Design withSchool(Design design, SchoolChoice choice) {
        List<SchoolChoice> changed = new ArrayList<>(design.schools());
        changed.removeIf(s -> s.choice().equals(choice.choice()));
        changed.add(choice);
        return design.withSchools(changed);
    }

    /** A new layer of drainage with an id that is free. */
    public static Layer drainage(Design design, String media, double depth) {
        return layer(design, Layer.Kind.DRAINAGE, media, depth);
    }

    /** A new layer of one thickness with an id that is free. */
    public static Layer layer(Design design, Layer.Kind kind, String media, double depth) {
        String stem = switch (kind) {
            case DRAINAGE -> "drainage";
            case FALSE_BOTTOM -> "false-bottom";
            case SUBSTRATE -> "soil";
            case LITTER -> "litter";
        };
        return new Layer(
                Ids.free(design, stem),
                kind,
                kind == Layer.Kind.FALSE_BOTTOM ? Optional.empty() : Optional.of(new Recipe.Named(media)),
                Optional.empty(),
                new Surface.Thickness(depth),
                Layer.Options.NONE,
                OtherFields.NONE);
    }

    private static Layer withDepth(Layer layer, Design design, double depth) {
        if (layer.surface() instanceof Surface.Level level) {
            // a level top moves by as much as the depth changes, so what lies below stays as it is
            double below = levelBelow(layer, design);
            return layer.withSurface(new Surface.Level(Double.isNaN(below) ? level.top() : below + depth));
        }
        return layer.withSurface(new Surface.Thickness(depth));
    }

    /** Height of a flat pile under a layer (m); NaN where what lies below is not flat. */
    private static double levelBelow(Layer layer, Design design) {
        double height = 0;
        for (Layer below : design.ground().layers()) {
            if (below.id().equals(layer.id())) {
                return height;
            }
            if (below.surface() instanceof Surface.Thickness t) {
                height += t.thickness();
            } else if (below.surface() instanceof Surface.Level l) {
                height = Math.max(height, l.top());
            } else {
                return Double.NaN;
            }
        }
        return height;
    }

    private static Design ground(Design design, Ground changed) {
        return changed.equals(design.ground()) ? design : design.withGround(changed);
    }

    private static Design withCount(Design design, Action.SetCount a) {
        OptionalInt males = a.males() < 0 ? OptionalInt.empty() : OptionalInt.of(a.males());
        return design.withAnimals(design.animals().stream()
                .map(r -> r.id().equals(a.resident()) ? r.withCount(a.count(), males) : r)
                .toList());
    }
}
