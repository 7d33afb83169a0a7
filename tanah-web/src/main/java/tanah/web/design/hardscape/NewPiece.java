package tanah.web.design.hardscape;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.EditNumber;
import tanah.core.design.edit.PieceNumber;
import tanah.core.design.edit.Proposals;
import tanah.core.structure.PieceProposal;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.StockItem;
import tanah.web.catalogue.StockService;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
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
    private final Edits edits;

    NewPiece(Catalogues catalogues, StockService stock, PartNames names, Words words, Edits edits) {
        this.catalogues = catalogues;
        this.stock = stock;
        this.names = names;
        this.words = words;
        this.edits = edits;
    }

    EditOutcome add(Design design, EditForm form, long keeper, FieldErrors errors) {
        Optional<StockItem> own = ownPiece(form.valueText(), keeper);
        Proposals.NewPiece piece = own.map(NewPiece::measured).orElseGet(() -> Proposals.NewPiece.of(form.valueText()));
        return edits.attempt(new AddEdit.AddPiece(piece), design, errors, "add")
                .map(made -> {
                    HardscapeItem laid = made.hardscape().get(made.hardscape().size() - 1);
                    String name = names.of(laid.id(), made, catalogues.of(made));
                    return new EditOutcome(made, words.of("edit.laid", HardscapeEdits.shortened(name)), laid.id());
                })
                .orElseGet(() -> EditOutcome.none(design, ""));
    }

    private static Proposals.NewPiece measured(StockItem own) {
        return new Proposals.NewPiece(
                medium(own),
                Optional.of(own.name()),
                metres(own.lengthCm()),
                metres(own.widthCm()),
                metres(own.heightCm()),
                number(own.volumeL(), 0.001),
                number(own.massKg(), 1));
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

    /** Empty for what nobody measured, or is too small to be a piece. */
    private static OptionalDouble metres(@Nullable BigDecimal centimetres) {
        double m = centimetres == null ? 0 : centimetres.doubleValue() / 100;
        EditNumber.Limits limits = PieceNumber.LENGTH.limits();
        return m < limits.min() ? OptionalDouble.empty() : OptionalDouble.of(Math.min(m, limits.max()));
    }

    private static OptionalDouble number(@Nullable BigDecimal value, double factor) {
        return value == null || value.signum() <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(value.doubleValue() * factor);
    }
}
