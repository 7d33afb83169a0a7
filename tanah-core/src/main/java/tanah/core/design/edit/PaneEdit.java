package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Faces;
import tanah.core.design.VesselPlan;
import tanah.core.vessel.Material;

/** Changes of stage 7: faces that are not made as the rest of the box is. */
public sealed interface PaneEdit extends Edit {
    /** Faces that may have a pane of their own; the lid is described by itself. */
    List<Envelope.Face> FACES = List.of(
            Envelope.Face.FRONT, Envelope.Face.BACK, Envelope.Face.LEFT, Envelope.Face.RIGHT, Envelope.Face.BOTTOM);

    /** Materials that a face may be made of; a bottom of mesh holds no ground. */
    static List<Material> materials(Envelope.Face face) {
        List<Material> all = new ArrayList<>(List.of(Material.values()));
        if (face == Envelope.Face.BOTTOM) {
            all.remove(Material.ALUMINIUM_MESH);
        }
        return all;
    }

    /** Give a face a pane of its own, at first as it is. */
    record AddPane(Envelope.Face face) implements PaneEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            boolean may = FACES.contains(face)
                    && design.vessel().filter(v -> Faces.own(v, face).isEmpty()).isPresent();
            return may ? panes(design, all -> added(all, design.vessel().orElseThrow(), context.catalogue())) : design;
        }

        private List<Envelope.Pane> added(List<Envelope.Pane> all, VesselPlan plan, Catalogue catalogue) {
            List<Envelope.Pane> more = new ArrayList<>(all);
            more.add(new Envelope.Pane(
                    face,
                    Optional.of(word(Faces.material(plan, face, catalogue))),
                    Faces.thickness(plan, face, catalogue),
                    OptionalDouble.empty()));
            return more;
        }
    }

    /** Make a pane of another material; what a face throws back goes where light goes through. */
    record MakePaneOf(Envelope.Face face, Material material) implements PaneEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return materials(face).contains(material)
                    ? laid(
                            design,
                            face,
                            p -> p.withMaterial(Optional.of(word(material)))
                                    .withReflects(material.isClear() ? OptionalDouble.empty() : p.reflects()))
                    : design;
        }
    }

    /** Give a pane another number (SI). */
    record SetPane(Envelope.Face face, PaneNumber number, OptionalDouble value) implements PaneEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return laid(design, face, p -> switch (number) {
                case THICK -> p.withThickness(value);
                case REFLECTS -> p.withReflects(value);
            });
        }
    }

    /** Make a face as the rest of the box again. */
    record RemovePane(Envelope.Face face) implements PaneEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return panes(
                    design, all -> all.stream().filter(p -> p.face() != face).toList());
        }
    }

    private static String word(Material material) {
        return material.name().toLowerCase(Locale.ROOT);
    }

    private static Design laid(Design design, Envelope.Face face, UnaryOperator<Envelope.Pane> change) {
        return panes(
                design,
                all -> all.stream()
                        .map(p -> p.face() == face ? change.apply(p) : p)
                        .toList());
    }

    private static Design panes(Design design, UnaryOperator<List<Envelope.Pane>> change) {
        return design.vessel()
                .map(v -> design.withVessel(v.withEnvelope(
                        v.envelope().withPanes(change.apply(v.envelope().panes())))))
                .orElse(design);
    }
}
