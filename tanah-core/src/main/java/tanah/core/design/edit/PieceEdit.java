package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.PieceForm;
import tanah.core.design.PieceLook;
import tanah.core.design.PieceMove;

/** Changes of stage 4: pieces. */
public sealed interface PieceEdit extends Edit {
    /** Id of the piece that it changes. */
    String item();

    /** Stand a piece on the base, on a pad of an area (m²). */
    record StandOnBase(String item, double pad) implements PieceEdit {
        private static final double LEAST = 0.003; // m², a pad of about 5 by 6 cm

        @Override
        public Design apply(Design design, EditContext context) {
            OptionalDouble area = OptionalDouble.of(Math.max(LEAST, pad));
            return change(
                    design,
                    item,
                    i -> i.moved(0, 0, -i.base())
                            .fixed(i.fixing().withSupport(Fixing.Support.BASE).withPad(area)));
        }
    }

    /** Give a piece another number (SI); one that may be left out is empty then. */
    record SetNumber(String item, PieceNumber number, OptionalDouble value) implements PieceEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> number.set(i, value));
        }
    }

    /** Hold a piece down with stone (kg). */
    static PieceEdit anchor(String item, double mass) {
        return new SetNumber(item, PieceNumber.ANCHOR, OptionalDouble.of(mass));
    }

    /** Give a piece a name, or none. */
    record NamePiece(String item, Optional<String> name) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> i.named(name));
        }
    }

    /** Make a piece of another material. */
    record MakeOf(String item, String kind, String media) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> i.madeOf(kind, media));
        }
    }

    /** Say what a piece rests on. */
    record Support(String item, Fixing.Support support) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> i.fixed(i.fixing().withSupport(support)));
        }
    }

    /** Make a piece a hide of a kind, or none; its measures stay. */
    record MakeHide(String item, Optional<String> kind) implements PieceEdit {
        /** Kinds of hides, as columns of the catalogue name them. */
        public static final List<String> KINDS = List.of("warm", "cool", "humid", "high");

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> {
                OtherFields measures = i.hide().map(HardscapeItem.Hide::kept).orElse(OtherFields.NONE);
                return i.asHide(kind.map(k -> new HardscapeItem.Hide(k, measures)));
            });
        }
    }

    /** Draw a piece as a form, with outlines of its own. */
    record Form(String item, PieceForm form, int seed) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> i.withLook(Optional.of(PieceLook.made(i, form, seed))));
        }
    }

    /** Draw a piece of the same form with another outline. */
    record FormAnew(String item) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> {
                PieceLook look = PieceLook.of(i);
                return i.withLook(Optional.of(PieceLook.made(i, look.form(), (look.seed() + 1) & 0xffff)));
            });
        }
    }

    /** Change the outline of a piece at one corner. */
    record Outline(String item, PieceLook.View view, int corner, OutlineChange change) implements PieceEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            Optional<HardscapeItem> piece =
                    design.hardscape().stream().filter(i -> i.id().equals(item)).findFirst();
            int corners = piece.map(i -> PieceLook.of(i).seen(view).size()).orElse(0);
            if (corner < 0 || corner >= corners) {
                return Optional.of(Refusal.CORNER_GONE);
            }
            return change.refused(corners);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return PieceEdit.change(
                    design, item, i -> i.withLook(Optional.of(change.apply(PieceLook.of(i), i, view, corner))));
        }
    }

    /** Put a piece into the water part, or out of it. */
    record PutInWater(String item, boolean wet) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> i.inWater(wet));
        }
    }

    /** Turn a piece about its middle (rad); it stays inside the box. */
    record Turn(String item, double angle) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> inside(PieceMove.turned(i, angle), design, context));
        }
    }

    /** Move a piece: left edge, front edge and underside (m); what is empty stays. It stays inside the box. */
    record Move(String item, double x, OptionalDouble y, OptionalDouble base) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> {
                double front = y.orElse(PieceMove.box(i).front());
                return inside(PieceMove.to(i, x, front, base.orElse(i.base())), design, context);
            });
        }
    }

    /** Lay a second piece like one, a little beside it, under an id that is free. */
    record Copy(String item, String id) implements PieceEdit {
        private static final double ASIDE = 0.02; // m

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return design.hardscape().size() >= PlanLimits.PIECES ? Optional.of(Refusal.PIECES_MANY) : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            List<HardscapeItem> all = new ArrayList<>(design.hardscape());
            design.hardscape().stream()
                    .filter(i -> i.id().equals(item))
                    .map(i -> inside(i.copied(id).moved(ASIDE, ASIDE, 0), design, context))
                    .forEach(all::add);
            return design.withHardscape(all);
        }
    }

    /** Take a piece out. */
    record Remove(String item) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withHardscape(design.hardscape().stream()
                    .filter(i -> !i.id().equals(item))
                    .toList());
        }
    }

    private static HardscapeItem inside(HardscapeItem item, Design design, EditContext context) {
        return design.vessel()
                .map(v -> Boxes.resolve(v, context.catalogue()))
                .map(v -> PieceMove.inside(item, v.length(), v.width()))
                .orElse(item);
    }

    private static Design change(Design design, String id, UnaryOperator<HardscapeItem> change) {
        return design.withHardscape(design.hardscape().stream()
                .map(i -> i.id().equals(id) ? change.apply(i) : i)
                .toList());
    }
}
