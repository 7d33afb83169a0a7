package tanah.web.design.hardscape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.finding.Stage;
import tanah.core.structure.PieceProposal;
import tanah.web.catalogue.StockService;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.EditedStage;

/** Stage 4: stones, wood, cork and foam. */
@Component
class HardscapeStage extends EditedStage {
    private final Choices options;
    private final StockService stock;

    HardscapeStage(HardscapeEdits edits, HardscapeParts parts, Choices options, StockService stock) {
        super(Stage.HARDSCAPE, edits::apply, parts::of);
        this.options = options;
        this.stock = stock;
    }

    @Override
    public Choices.Choice choices(Catalogue catalogue, long keeper) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        List.of("stone", "wood", "cork", "foam").forEach(kind -> groups.put("pieces." + kind, new ArrayList<>()));
        groups.put("pieces.own", new ArrayList<>());
        catalogue.allMedia().stream()
                .filter(PieceProposal::isPiece)
                .forEach(m -> groups.get("pieces." + m.kind()).add(Choices.option(m.id(), m.name())));
        stock.all(keeper).stream()
                .filter(s -> groups.containsKey("pieces." + s.kind()))
                .forEach(s -> groups.get("pieces.own").add(Choices.option(HardscapeEdits.STOCK + s.id(), s.name())));
        groups.values().removeIf(List::isEmpty);
        return options.grouped(groups, "");
    }

    @Override
    public String selected(Design design, String asked) {
        List<String> ids = design.hardscape().stream().map(HardscapeItem::id).toList();
        return ids.contains(asked) || ids.isEmpty() ? asked : ids.get(0);
    }
}
