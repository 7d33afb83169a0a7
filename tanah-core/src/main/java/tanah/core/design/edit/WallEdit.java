package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Ids;
import tanah.core.vessel.Vessel;

/** Changes of stage 7: openings and sheets on the walls. */
public sealed interface WallEdit extends Edit {
    /** Materials of a sheet, by their words in documents. */
    List<String> SHEETS = List.of("xps", "cork", "pu_foam", "pvc_foam", "plywood");

    /** Faces that an opening can be cut into. */
    List<Envelope.Face> OPENABLE = List.of(
            Envelope.Face.FRONT, Envelope.Face.BACK, Envelope.Face.LEFT, Envelope.Face.RIGHT, Envelope.Face.LID);

    /** Cut an opening half way up a side, or along the back of the lid: 2 cm wide, to 2 cm of its edges. */
    record AddVent(Envelope.Face face) implements WallEdit {
        private static final double HIGH = 0.02; // m
        private static final double EDGE = 0.02; // m

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return PlanLimits.openings(design);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            if (design.vessel().isEmpty() || !OPENABLE.contains(face)) {
                return design;
            }
            Vessel vessel = Boxes.resolve(design.vessel().get(), context.catalogue());
            boolean lid = face == Envelope.Face.LID;
            boolean across = lid || face == Envelope.Face.FRONT || face == Envelope.Face.BACK;
            OptionalDouble none = OptionalDouble.empty();
            return vents(design, all -> {
                all.add(new Envelope.Vent(
                        Ids.free(design, "vent-" + face.word()),
                        face,
                        lid ? none : OptionalDouble.of(vessel.height() / 2),
                        OptionalDouble.of(EDGE),
                        OptionalDouble.of((across ? vessel.length() : vessel.width()) - EDGE),
                        lid ? OptionalDouble.of(Math.max(0, vessel.width() - EDGE - HIGH)) : none,
                        lid ? OptionalDouble.of(vessel.width() - EDGE) : none,
                        none,
                        lid ? none : OptionalDouble.of(HIGH),
                        none));
                return all;
            });
        }
    }

    /** Give an opening another number (m or a share). */
    record SetVent(String vent, VentNumber number, OptionalDouble value) implements WallEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return vents(
                    design,
                    all -> all.stream()
                            .map(v -> v.id().equals(vent) ? number.set(v, value) : v)
                            .toList());
        }
    }

    /** Close an opening. */
    record RemoveVent(String vent) implements WallEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return vents(
                    design,
                    all -> all.stream().filter(v -> !v.id().equals(vent)).toList());
        }
    }

    /** Lay a sheet of 2 cm of hard foam on the outside of a face. */
    record AddSheet(Envelope.Face face) implements WallEdit {
        private static final double THICK = 0.02; // m

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return PlanLimits.openings(design);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return sheets(design, all -> {
                String id = Ids.free(design, "sheet-" + face.word());
                all.add(new Envelope.Insulation(
                        id, face, SHEETS.get(0), THICK, Optional.of(false), OptionalDouble.empty()));
                return all;
            });
        }
    }

    /** Give a sheet another thickness (m). */
    record ThickenSheet(String sheet, double thickness) implements WallEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return SheetNumber.THICK.refused(OptionalDouble.of(thickness));
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return laid(design, sheet, s -> s.withThickness(thickness));
        }
    }

    /** Make a sheet of another material. */
    record MakeSheetOf(String sheet, String material) implements WallEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return laid(design, sheet, s -> s.withMaterial(material));
        }
    }

    /** Lay a sheet inside, as a background, or outside. */
    record TurnSheet(String sheet, boolean inside) implements WallEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return laid(design, sheet, s -> s.withInside(Optional.of(inside)));
        }
    }

    /** Give a sheet another share of light that it throws back; empty: the usual one of its material. */
    record PaintSheet(String sheet, OptionalDouble reflects) implements WallEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return SheetNumber.REFLECTS.refused(reflects);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return laid(design, sheet, s -> s.withReflects(reflects));
        }
    }

    /** Take a sheet off. */
    record RemoveSheet(String sheet) implements WallEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return sheets(
                    design,
                    all -> all.stream().filter(s -> !s.id().equals(sheet)).toList());
        }
    }

    private static Design laid(Design design, String id, UnaryOperator<Envelope.Insulation> change) {
        return sheets(
                design,
                all -> all.stream()
                        .map(s -> s.id().equals(id) ? change.apply(s) : s)
                        .toList());
    }

    private static Design vents(Design design, UnaryOperator<List<Envelope.Vent>> change) {
        return envelope(design, e -> e.withVents(change.apply(new ArrayList<>(e.vents()))));
    }

    private static Design sheets(Design design, UnaryOperator<List<Envelope.Insulation>> change) {
        return envelope(design, e -> e.withInsulation(change.apply(new ArrayList<>(e.insulation()))));
    }

    private static Design envelope(Design design, UnaryOperator<Envelope> change) {
        return design.vessel()
                .map(v -> design.withVessel(v.withEnvelope(change.apply(v.envelope()))))
                .orElse(design);
    }
}
