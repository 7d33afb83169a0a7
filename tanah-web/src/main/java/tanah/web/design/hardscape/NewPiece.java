package tanah.web.design.hardscape;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Medium;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.structure.PieceProposal;
import tanah.core.structure.PieceProposal.Size;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.StockItem;
import tanah.web.catalogue.StockService;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.NotFoundException;
import tanah.web.shell.Words;

/** Lays a new piece: of the catalogue, or one of the keeper's own with its measures. */
@Component
class NewPiece {
    private final Catalogues catalogues;
    private final StockService stock;
    private final PartNames names;
    private final Words words;

    NewPiece(Catalogues catalogues, StockService stock, PartNames names, Words words) {
        this.catalogues = catalogues;
        this.stock = stock;
        this.names = names;
        this.words = words;
    }

    EditOutcome add(Design design, EditForm form, long keeper, FieldErrors errors) {
        Evaluation e = Evaluator.evaluate(design, catalogues.of(design));
        if (e.vessel().isEmpty()) {
            errors.add("add", "error.vessel.first");
            return EditOutcome.none(design, "");
        }
        if (design.hardscape().size() >= HardscapeEdits.MOST) {
            errors.add("add", "error.pieces.many", HardscapeEdits.MOST);
            return EditOutcome.none(design, "");
        }
        Optional<StockItem> own = ownPiece(form.valueText(), keeper);
        Optional<Medium> medium = catalogues
                .of(design)
                .findMedium(own.map(NewPiece::medium).orElse(form.valueText()))
                .filter(PieceProposal::isPiece);
        if (medium.isEmpty()) {
            errors.add("add", "error.media.unknown");
            return EditOutcome.none(design, "");
        }
        Size usual = PieceProposal.usual(medium.get());
        Size size = own.map(o -> new Size(
                        metres(o.lengthCm(), usual.length()),
                        metres(o.widthCm(), usual.width()),
                        metres(o.heightCm(), usual.height())))
                .orElse(usual);
        Design changed = PieceProposal.add(
                design,
                e.vessel().get(),
                e.ground().orElseThrow(),
                medium.get(),
                own.map(StockItem::name),
                size,
                own.map(o -> number(o.volumeL(), 0.001)).orElse(OptionalDouble.empty()),
                own.map(o -> number(o.massKg(), 1)).orElse(OptionalDouble.empty()));
        HardscapeItem laid = changed.hardscape().get(changed.hardscape().size() - 1);
        return new EditOutcome(
                changed,
                words.of("edit.laid", HardscapeEdits.shortened(names.of(laid.id(), changed, catalogues.of(changed)))),
                laid.id());
    }

    private Optional<StockItem> ownPiece(String value, long keeper) {
        if (!value.startsWith(HardscapeEdits.STOCK)) {
            return Optional.empty();
        }
        try {
            return Optional.of(stock.get(keeper, Long.parseLong(value.substring(HardscapeEdits.STOCK.length()))));
        } catch (NumberFormatException | NotFoundException e) {
            return Optional.empty();
        }
    }

    /** What an own piece is made of; where its keeper does not know, the commonest of its kind. */
    private static String medium(StockItem own) {
        String media = own.media();
        if (media != null && !media.isBlank()) {
            return media;
        }
        return PieceProposal.commonest(own.kind());
    }

    private static double metres(@Nullable BigDecimal centimetres, double usual) {
        double m = centimetres == null ? 0 : centimetres.doubleValue() / 100;
        return m < PieceFields.SMALLEST ? usual : Math.min(m, PieceFields.LARGEST);
    }

    private static OptionalDouble number(@Nullable BigDecimal value, double factor) {
        return value == null || value.signum() <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(value.doubleValue() * factor);
    }
}
