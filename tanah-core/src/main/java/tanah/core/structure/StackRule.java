package tanah.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.PieceMove;
import tanah.core.design.Solids;
import tanah.core.finding.Finding;

/** Stacks that a plan describes block by block, bottom to top, judged at each joint. */
public final class StackRule {
    private static final String FIELD = "stacks";
    private static final double CM = 0.01;

    private StackRule() {}

    /** @param animal mass of the heaviest animal (kg), where a stack names none */
    public static List<Finding> judge(Design design, double animal, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        for (OtherFields stack : design.kept().objects(FIELD)) {
            of(stack, design, animal, catalogue).ifPresent(s -> findings.add(judge(s, name(stack))));
        }
        return findings;
    }

    /** Whether a stack holds a block whose size or mass is not known. */
    public static boolean isIncomplete(Design design, Catalogue catalogue) {
        return design.kept().objects(FIELD).stream()
                .anyMatch(s -> of(s, design, 0, catalogue).isEmpty());
    }

    private static String name(OtherFields stack) {
        return stack.text("id").orElse(FIELD);
    }

    private static Finding judge(Stack stack, String name) {
        Stack.Joint weakest = stack.weakest();
        return RestRule.verdict(name, name, weakest.edge(), weakest.safety(), weakest.tilt());
    }

    private static Optional<Stack> of(OtherFields stack, Design design, double animal, Catalogue catalogue) {
        List<Stack.Block> blocks = new ArrayList<>();
        for (OtherFields b : stack.objects("blocks")) {
            Optional<Stack.Block> block = block(b, design, catalogue);
            if (block.isEmpty()) {
                return Optional.empty();
            }
            blocks.add(block.get());
        }
        return blocks.isEmpty()
                ? Optional.empty()
                : Optional.of(new Stack(blocks, stack.number("animal_kg").orElse(animal), stack.says("bonded")));
    }

    /** What a block says itself counts before the piece of hardscape that it names. */
    private static Optional<Stack.Block> block(OtherFields b, Design design, Catalogue catalogue) {
        Optional<HardscapeItem> item = b.text("hardscape")
                .flatMap(id -> design.hardscape().stream()
                        .filter(h -> h.id().equals(id))
                        .findFirst());
        Optional<PieceMove.Box> box = item.map(PieceMove::box);
        OptionalDouble x = own(b, "x_cm", box.map(p -> (p.left() + p.right()) / 2));
        OptionalDouble y = own(b, "y_cm", box.map(p -> (p.front() + p.back()) / 2));
        OptionalDouble length = own(b, "l_cm", box.map(PieceMove.Box::length));
        OptionalDouble width = own(b, "w_cm", box.map(PieceMove.Box::width));
        OptionalDouble height = own(b, "h_cm", item.map(HardscapeItem::height));
        OptionalDouble known = item.map(i -> Solids.mass(i, catalogue)).orElse(OptionalDouble.empty());
        OptionalDouble mass = b.number("mass_kg").isPresent() ? b.number("mass_kg") : known;
        boolean complete = x.isPresent()
                && y.isPresent()
                && length.isPresent()
                && width.isPresent()
                && height.isPresent()
                && mass.isPresent();
        return complete
                ? Optional.of(new Stack.Block(
                        x.getAsDouble(),
                        y.getAsDouble(),
                        length.getAsDouble(),
                        width.getAsDouble(),
                        height.getAsDouble(),
                        mass.getAsDouble()))
                : Optional.empty();
    }

    private static OptionalDouble own(OtherFields b, String field, Optional<Double> other) {
        OptionalDouble said = b.number(field);
        return said.isPresent()
                ? OptionalDouble.of(said.getAsDouble() * CM)
                : other.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }
}
