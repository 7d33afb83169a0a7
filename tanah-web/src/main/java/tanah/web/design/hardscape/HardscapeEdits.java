package tanah.web.design.hardscape;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Medium;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Ids;
import tanah.core.design.PieceForm;
import tanah.core.design.PieceLook;
import tanah.core.design.PieceMove;
import tanah.core.design.edit.PieceEdit;
import tanah.core.design.edit.PieceNumber;
import tanah.core.structure.PieceProposal;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of the hardscape and applies it to a design. */
@Component
public class HardscapeEdits {
    /** Marks a piece of the keeper's own stock among the things that can be laid. */
    public static final String STOCK = "stock:";

    private static final int LONGEST_NAME = 80;
    private static final double TURN = Math.toRadians(15);

    private final Catalogues catalogues;
    private final NewPiece fresh;
    private final PartNames names;
    private final Words words;
    private final NumberEdit numbers;
    private final Edits edits;
    private final Corners corners;

    HardscapeEdits(
            Catalogues catalogues,
            NewPiece fresh,
            PartNames names,
            Words words,
            NumberEdit numbers,
            Edits edits,
            Corners corners) {
        this.corners = corners;
        this.numbers = numbers;
        this.edits = edits;
        this.catalogues = catalogues;
        this.fresh = fresh;
        this.names = names;
        this.words = words;
    }

    public EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        if (form.opWord().startsWith(Corners.OP)) {
            return corners.apply(design, form, errors);
        }
        if (form.opWord().equals("add")) {
            return fresh.add(design, form, keeper, errors);
        }
        Optional<HardscapeItem> found = design.hardscape().stream()
                .filter(h -> h.id().equals(form.partId()))
                .findFirst();
        if (found.isEmpty()) {
            errors.add("form", "error.piece.gone");
            return EditOutcome.none(design, "");
        }
        Optional<NumberField> number = PieceFields.of(form.opWord());
        return number.isPresent()
                ? number(design, found.get(), number.get(), form, errors)
                : other(design, found.get(), form, errors);
    }

    private EditOutcome other(Design design, HardscapeItem item, EditForm form, FieldErrors errors) {
        String value = form.valueText().strip();
        return switch (form.opWord()) {
            case "name" -> name(design, item, value, errors);
            case "media" -> media(design, item, value, errors);
            case "support" -> support(design, item, value, errors);
            case "hide" -> hide(design, item, value, errors);
            case "form" -> form(design, item, value, errors);
            case "form-anew" -> act(design, new PieceEdit.FormAnew(item.id()), said(item, design, "edit.formed"));
            case "wet" ->
                act(
                        design,
                        new PieceEdit.PutInWater(item.id(), value.equals("true")),
                        said(item, design, value.equals("true") ? "edit.into_water" : "edit.out_of_water"));
            case "turn" ->
                act(
                        design,
                        new PieceEdit.Turn(item.id(), value.startsWith("-") ? -TURN : TURN),
                        said(item, design, "edit.turned"));
            case "move" -> moved(design, item, form, errors);
            case "lift" -> lifted(design, item, form, errors);
            case "copy" -> copy(design, item, errors);
            case "remove" ->
                act(design, new PieceEdit.Remove(item.id()), said(item, design, "edit.removed"))
                        .selecting("");
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, item.id());
            }
        };
    }

    private EditOutcome number(
            Design design, HardscapeItem item, NumberField field, EditForm form, FieldErrors errors) {
        NumberField bounded = bounded(design, item, field);
        return numbers.typed(
                design,
                form,
                bounded,
                named(item, design),
                PieceFields.number(field).of(item),
                errors,
                value -> new PieceEdit.SetNumber(item.id(), PieceFields.number(field), value));
    }

    /** A piece stays inside the box: what is typed may place or size it just up to the far wall. */
    private NumberField bounded(Design design, HardscapeItem item, NumberField field) {
        Optional<Vessel> vessel = design.vessel().map(v -> Boxes.resolve(v, catalogues.of(design)));
        PieceMove.Box box = PieceMove.box(item);
        return vessel.map(v -> switch (field.op()) {
                    case "x" -> field.upTo(v.length() - box.length());
                    case "y" -> field.upTo(v.width() - box.width());
                    case "base" -> field.upTo(v.height() - 0.01);
                    case "length" -> field.upTo(v.length() - box.left());
                    case "width" -> field.upTo(v.width() - box.front());
                    case "height" -> field.upTo(v.height() * 1.5);
                    default -> field;
                })
                .orElse(field);
    }

    private EditOutcome name(Design design, HardscapeItem item, String value, FieldErrors errors) {
        if (value.length() > LONGEST_NAME) {
            errors.add("name-" + item.id(), "error.name.long");
            return EditOutcome.none(design, item.id());
        }
        Optional<String> name = value.isEmpty() ? Optional.empty() : Optional.of(value);
        return act(
                design, new PieceEdit.NamePiece(item.id(), name), words.of("edit.named", named(item, design), value));
    }

    private EditOutcome media(Design design, HardscapeItem item, String value, FieldErrors errors) {
        Optional<Medium> medium = catalogues.of(design).findMedium(value).filter(PieceProposal::isPiece);
        if (medium.isEmpty()) {
            errors.add("media-" + item.id(), "error.media.unknown");
            return EditOutcome.none(design, item.id());
        }
        return act(
                design,
                new PieceEdit.MakeOf(
                        item.id(), medium.get().kind(), medium.get().id()),
                named(item, design) + " → " + medium.get().name());
    }

    private EditOutcome support(Design design, HardscapeItem item, String value, FieldErrors errors) {
        for (Fixing.Support support : Fixing.Support.values()) {
            if (support.word().equals(value)) {
                return act(
                        design,
                        new PieceEdit.Support(item.id(), support),
                        words.of("edit.stands", named(item, design), words.of("support." + value)));
            }
        }
        errors.add("support-" + item.id(), "error.choice");
        return EditOutcome.none(design, item.id());
    }

    private EditOutcome hide(Design design, HardscapeItem item, String value, FieldErrors errors) {
        if (!value.isEmpty() && !PieceEdit.MakeHide.KINDS.contains(value)) {
            errors.add("hide-" + item.id(), "error.choice");
            return EditOutcome.none(design, item.id());
        }
        return act(
                design,
                new PieceEdit.MakeHide(item.id(), value.isEmpty() ? Optional.empty() : Optional.of(value)),
                words.of(
                        "edit.hide",
                        named(item, design),
                        words.of("hide." + (value.isEmpty() ? "none" : value)).toLowerCase(Locale.ROOT)));
    }

    private EditOutcome form(Design design, HardscapeItem item, String value, FieldErrors errors) {
        Optional<PieceForm> form = PieceForm.of(value);
        if (form.isEmpty()) {
            errors.add("form-" + item.id(), "error.choice");
            return EditOutcome.none(design, item.id());
        }
        return act(
                design,
                new PieceEdit.Form(item.id(), form.get(), PieceLook.of(item).seed()),
                said(item, design, "edit.formed"));
    }

    /** Dragged in the plan. */
    private EditOutcome moved(Design design, HardscapeItem item, EditForm form, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble y = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || y.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, item.id());
        }
        return act(
                design,
                new PieceEdit.Move(item.id(), x.getAsDouble(), y, OptionalDouble.empty()),
                said(item, design, "edit.moved"));
    }

    /** Dragged in the section. */
    private EditOutcome lifted(Design design, HardscapeItem item, EditForm form, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble base = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || base.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, item.id());
        }
        double z = Math.max(
                0, Math.min(base.getAsDouble(), PieceNumber.BASE.limits().max()));
        return act(
                design,
                new PieceEdit.Move(item.id(), x.getAsDouble(), OptionalDouble.empty(), OptionalDouble.of(z)),
                said(item, design, "edit.moved"));
    }

    private EditOutcome copy(Design design, HardscapeItem item, FieldErrors errors) {
        String twin = Ids.free(design, item.kind().orElse("stone"));
        return edits.attempt(new PieceEdit.Copy(item.id(), twin), design, errors, "form")
                .map(made -> new EditOutcome(made, said(item, design, "edit.twice"), twin))
                .orElseGet(() -> EditOutcome.none(design, item.id()));
    }

    private EditOutcome act(Design design, PieceEdit edit, String summary) {
        Design changed = edits.apply(edit, design);
        return new EditOutcome(changed, summary, edit.item());
    }

    private String said(HardscapeItem item, Design design, String key) {
        return words.of(key, named(item, design));
    }

    private String named(HardscapeItem item, Design design) {
        return shortened(names.of(item.id(), design, catalogues.of(design)));
    }

    static String shortened(String name) {
        return name.length() > 40 ? name.substring(0, 39) + "…" : name;
    }
}
