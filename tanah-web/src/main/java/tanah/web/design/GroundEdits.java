package tanah.web.design;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.DesignEdit;
import tanah.core.design.Layer;
import tanah.core.design.SchoolChoice;
import tanah.core.design.Surface;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.LayerResult;
import tanah.core.units.Unit;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;

/** Reads one edit of the ground and applies it to a design. */
@Component
class GroundEdits {
    private static final double LEAST = 0.001; // m
    private static final double MOST = 2; // m
    private static final int MOST_LAYERS = 40;

    private final Catalogue catalogue;
    private final PartNames names;
    private final FindingWords words;
    private final Clock clock;

    GroundEdits(Catalogue catalogue, PartNames names, FindingWords words, Clock clock) {
        this.catalogue = catalogue;
        this.names = names;
        this.words = words;
        this.clock = clock;
    }

    /**
     * What an edit comes to.
     *
     * @param design  after the edit; the same as before where errors are noted or nothing changes
     * @param summary what changed, in words
     * @param part    layer to select afterwards
     */
    record Outcome(Design design, String summary, String part) {}

    Outcome apply(Design design, EditForm form, FieldErrors errors) {
        return switch (form.opWord()) {
            case "depth" -> depth(design, form, errors);
            case "slope" -> slope(design, form, errors);
            case "level" -> level(design, form);
            case "media" -> media(design, form, errors);
            case "bag" -> bag(design, form, errors);
            case "mesh" -> mesh(design, form);
            case "add" -> add(design, form, errors);
            case "remove" -> act(design, new Action.RemoveLayer(form.partId()), name(design, form) + " taken out", "");
            case "up" -> move(design, form, 1);
            case "down" -> move(design, form, -1);
            case "school" -> school(design, form, errors);
            case "remedy" -> remedy(design, form, errors);
            default -> {
                errors.add("form", "error.edit.unknown");
                yield new Outcome(design, "", form.partId());
            }
        };
    }

    private Outcome depth(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = known(design, form, errors);
        OptionalDouble depth = errors.required(
                "depth-" + form.partId(), form.valueText(), Quantity.Kind.LENGTH, LEAST, MOST, Unit.CENTIMETRE);
        if (layer.isEmpty() || depth.isEmpty()) {
            return new Outcome(design, "", form.partId());
        }
        double to = depth.getAsDouble();
        double from = Evaluator.evaluate(design, catalogue)
                .ground()
                .flatMap(g -> g.layer(form.partId()))
                .map(LayerResult::shape)
                .map(LayerResult.Shape::meanDepth)
                .orElse(0.0);
        Action action = new Action.SetDepth(form.partId(), to);
        if (layer.get().surface() instanceof Surface.Slope s) {
            double shift = to - from;
            action = new Action.SetSlope(form.partId(), Math.max(0, s.front() + shift), Math.max(0, s.back() + shift));
        } else if (layer.get().surface() instanceof Surface.Thickness t) {
            from = t.thickness();
        }
        String summary = name(design, form) + " " + Numbers.centimetres(from) + " → " + Numbers.centimetres(to) + " cm";
        return act(design, action, summary, form.partId());
    }

    private Outcome slope(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = known(design, form, errors);
        OptionalDouble front = errors.required(
                "front-" + form.partId(), form.valueText(), Quantity.Kind.LENGTH, 0, MOST, Unit.CENTIMETRE);
        OptionalDouble back = errors.required(
                "back-" + form.partId(), form.otherText(), Quantity.Kind.LENGTH, 0, MOST, Unit.CENTIMETRE);
        if (layer.isEmpty() || front.isEmpty() || back.isEmpty()) {
            return new Outcome(design, "", form.partId());
        }
        if (front.getAsDouble() + back.getAsDouble() <= 0) {
            errors.add("front-" + form.partId(), "error.slope.flat");
            return new Outcome(design, "", form.partId());
        }
        String summary = name(design, form) + " " + Numbers.centimetres(front.getAsDouble()) + " to "
                + Numbers.centimetres(back.getAsDouble()) + " cm";
        return act(
                design,
                new Action.SetSlope(form.partId(), front.getAsDouble(), back.getAsDouble()),
                summary,
                form.partId());
    }

    /** A slope becomes one depth, or one depth a slope with the same mean. */
    private Outcome level(Design design, EditForm form) {
        Evaluation e = Evaluator.evaluate(design, catalogue);
        Optional<LayerResult> result = e.ground().flatMap(g -> g.layer(form.partId()));
        Optional<Layer> layer = design.ground().layer(form.partId());
        if (layer.isEmpty() || result.isEmpty() || layer.get().surface() instanceof Surface.Profile) {
            return new Outcome(design, "", form.partId());
        }
        if (layer.get().surface() instanceof Surface.Slope) {
            double mean = Math.max(LEAST, Math.round(result.get().shape().meanDepth() * 1000) / 1000.0);
            Design changed = design.withGround(
                    design.ground().change(form.partId(), l -> l.withSurface(new Surface.Thickness(mean))));
            return new Outcome(changed, name(design, form) + " laid level", form.partId());
        }
        double top = Math.round(result.get().shape().topMax() * 1000) / 1000.0;
        return act(
                design,
                new Action.SetSlope(form.partId(), top, top),
                name(design, form) + " laid as a slope",
                form.partId());
    }

    private Outcome media(Design design, EditForm form, FieldErrors errors) {
        if (known(design, form, errors).isEmpty() || !catalogue.isGround(form.valueText())) {
            errors.add("media-" + form.partId(), "error.media.unknown");
            return new Outcome(design, "", form.partId());
        }
        return act(
                design,
                new Action.SetMedia(form.partId(), form.valueText()),
                name(design, form) + " → " + catalogue.groundName(form.valueText()),
                form.partId());
    }

    /** The bag that a layer is bought in; both empty: no bag. */
    private Outcome bag(Design design, EditForm form, FieldErrors errors) {
        OptionalDouble volume =
                errors.optional("bag-" + form.partId(), form.valueText(), Quantity.Kind.VOLUME, 1e-4, 5, Unit.LITRE);
        OptionalDouble price = errors.optional(
                "price-" + form.partId(), form.otherText(), Quantity.Kind.NUMBER, 0, 100_000, Unit.COUNT);
        if (known(design, form, errors).isEmpty() || !errors.isEmpty()) {
            return new Outcome(design, "", form.partId());
        }
        Design changed = design.withGround(design.ground()
                .change(form.partId(), l -> l.withOptions(l.options().withBag(volume, price))));
        String summary = volume.isPresent()
                ? name(design, form) + " in bags of " + Numbers.litres(volume.getAsDouble()) + " L"
                : name(design, form) + " without a bag";
        return new Outcome(changed, summary, form.partId());
    }

    private Outcome mesh(Design design, EditForm form) {
        boolean laid = form.valueText().equals("true");
        Design changed = design.withGround(design.ground()
                .change(form.partId(), l -> l.withOptions(l.options().withMesh(laid))));
        return new Outcome(changed, laid ? "separator laid" : "separator taken out", form.partId());
    }

    private Outcome add(Design design, EditForm form, FieldErrors errors) {
        String media = form.valueText();
        if (!catalogue.isGround(media)) {
            errors.add("add", "error.media.unknown");
            return new Outcome(design, "", "");
        }
        if (design.ground().layers().size() >= MOST_LAYERS) {
            errors.add("add", "error.layers.many");
            return new Outcome(design, "", "");
        }
        Layer.Kind kind = kind(media);
        Layer layer = DesignEdit.layer(design, kind, media, usualDepth(media, kind));
        int index = kind == Layer.Kind.DRAINAGE ? 0 : design.ground().layers().size();
        if (kind == Layer.Kind.SUBSTRATE
                && index > 0
                && design.ground().layers().get(index - 1).is(Layer.Kind.LITTER)) {
            index--;
        }
        Design changed = design.withGround(design.ground().insert(index, layer));
        return new Outcome(changed, names.layer(layer, catalogue) + " laid", layer.id());
    }

    private Layer.Kind kind(String media) {
        String sort = catalogue.findMedium(media).map(m -> m.kind()).orElse("mix");
        if (sort.equals("drainage")) {
            return Layer.Kind.DRAINAGE;
        }
        return media.equals("leaf_litter") || media.equals("moss_live_cushion")
                ? Layer.Kind.LITTER
                : Layer.Kind.SUBSTRATE;
    }

    private double usualDepth(String media, Layer.Kind kind) {
        return switch (kind) {
            case LITTER -> 0.02;
            case DRAINAGE, FALSE_BOTTOM -> 0.05;
            case SUBSTRATE -> catalogue.findMix(media).map(m -> m.usualDepth()).orElse(0.05);
        };
    }

    private Outcome move(Design design, EditForm form, int by) {
        Design changed = design.withGround(design.ground().move(form.partId(), by));
        return new Outcome(changed, name(design, form) + (by > 0 ? " moved up" : " moved down"), form.partId());
    }

    private Outcome school(Design design, EditForm form, FieldErrors errors) {
        String option = form.valueText();
        if (!List.of("layer", "none").contains(option)) {
            errors.add("school", "error.school.unknown");
            return new Outcome(design, "", form.partId());
        }
        LocalDate today = LocalDate.now(clock);
        Design chosen =
                DesignEdit.withSchool(design, new SchoolChoice(DrainageRule.CHOICE, option, Optional.empty(), today));
        boolean drains = design.ground().hasDrainage();
        if (option.equals("layer") && !drains && !design.ground().layers().isEmpty()) {
            double height = Evaluator.evaluate(design, catalogue)
                    .vessel()
                    .map(v -> v.height())
                    .orElse(0.5);
            chosen = DesignEdit.apply(
                    chosen,
                    new Action.AddDrainage("expanded_clay_8_16", DrainageRule.usualDepth(height)),
                    catalogue,
                    today);
        } else if (option.equals("none") && drains) {
            for (Layer layer : design.ground().layers()) {
                if (layer.is(Layer.Kind.DRAINAGE) || layer.is(Layer.Kind.FALSE_BOTTOM)) {
                    chosen = DesignEdit.apply(chosen, new Action.RemoveLayer(layer.id()), catalogue, today);
                }
            }
        }
        return new Outcome(
                chosen, option.equals("none") ? "School: no drainage" : "School: drainage layer", form.partId());
    }

    /** The part names the finding, the value which of its remedies. */
    private Outcome remedy(Design design, EditForm form, FieldErrors errors) {
        for (Finding finding : Evaluator.evaluate(design, catalogue).findings()) {
            if (Notes.key(finding).equals(form.partId())) {
                for (int i = 0; i < finding.remedies().size(); i++) {
                    if (String.valueOf(i).equals(form.valueText())) {
                        Remedy remedy = finding.remedies().get(i);
                        return act(design, remedy.action(), words.remedy(remedy), form.otherText());
                    }
                }
            }
        }
        errors.add("form", "error.remedy.gone");
        return new Outcome(design, "", form.otherText());
    }

    private Outcome act(Design design, Action action, String summary, String part) {
        return new Outcome(DesignEdit.apply(design, action, catalogue, LocalDate.now(clock)), summary, part);
    }

    private static Optional<Layer> known(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = design.ground().layer(form.partId());
        if (layer.isEmpty()) {
            errors.add("form", "error.layer.gone");
        }
        return layer;
    }

    private String name(Design design, EditForm form) {
        return design.ground()
                .layer(form.partId())
                .map(l -> names.layer(l, catalogue))
                .map(n -> n.length() > 40 ? n.substring(0, 39) + "…" : n)
                .orElse(form.partId().toLowerCase(Locale.ROOT));
    }

    /** What the ground holds that an edit of this part could collide with. */
    static Object touched(Design design, EditForm form) {
        return switch (form.opWord()) {
            case "depth", "slope", "level", "media", "mesh", "bag" ->
                design.ground()
                        .layer(form.partId())
                        .map(l -> List.of(l.surface(), l.media(), l.options()))
                        .orElse(List.of());
            default -> design.ground().layers().stream().map(Layer::id).toList();
        };
    }

    /** The value that stands, in words, for a conflict. */
    String standing(Design design, String part) {
        return design.ground()
                .layer(part)
                .map(l -> names.layer(l, catalogue) + ", " + surface(l.surface()))
                .orElse("the layer was taken out");
    }

    private static String surface(Surface surface) {
        if (surface instanceof Surface.Thickness t) {
            return Numbers.centimetres(t.thickness()) + " cm";
        }
        if (surface instanceof Surface.Slope s) {
            return Numbers.centimetres(s.front()) + " to " + Numbers.centimetres(s.back()) + " cm";
        }
        return surface instanceof Surface.Level l ? "top at " + Numbers.centimetres(l.top()) + " cm" : "as drawn";
    }

    /** Recipes that a layer may take, mixes first. */
    List<Choice> choices() {
        List<Choice> choices = new java.util.ArrayList<>();
        catalogue.allMixes().forEach(m -> choices.add(new Choice(m.id(), m.name(), "mixes")));
        catalogue.allMedia().stream()
                .filter(m -> m.isLoose() && m.grain() != tanah.core.catalogue.Medium.Grain.VOID)
                .forEach(m ->
                        choices.add(new Choice(m.id(), m.name(), m.kind().equals("drainage") ? "drainage" : "media")));
        return choices;
    }

    /**
     * @param id of the catalogue
     * @param name for people
     * @param group in the list
     */
    record Choice(String id, String name, String group) {}
}
