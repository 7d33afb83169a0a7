package tanah.core.design;

import java.util.Locale;
import java.util.Optional;

/** What a piece of hardscape looks like. It decides how the piece is drawn and nothing that is computed. */
public enum PieceForm {
    /** A rounded stone. */
    BOULDER,
    /** A flat stone. */
    SLAB,
    /** Flat stones on one another. */
    STACK,
    /** A stem with forks. */
    BRANCH,
    /** A stump on its roots. */
    ROOT,
    /** A tube of bark. */
    TUBE,
    /** A curved sheet of bark. */
    FLAT,
    /** Half a tube, with a way in. */
    HALF_SHELL,
    /** A sawn, cut or poured block. */
    BLOCK;

    private static final double FLAT_STONE = 0.45; // height to the lesser of its other measures
    private static final double LONG_WOOD = 2.2; // length to the greater of its other measures
    private static final double ARCHED = 0.35;

    /** The word in documents, forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<PieceForm> of(String word) {
        for (PieceForm form : values()) {
            if (form.word().equals(word)) {
                return Optional.of(form);
            }
        }
        return Optional.empty();
    }

    /** What a piece of its material and measures looks like as a rule (common practice). */
    public static PieceForm usual(HardscapeItem item) {
        PieceLook.Sides sides = PieceLook.Sides.of(item);
        double least = Math.min(sides.length(), sides.width());
        double most = Math.max(sides.length(), sides.width());
        String media = item.media().orElse("");
        return switch (item.kind().orElse("stone")) {
            case "wood" -> wood(media, Math.max(most, item.height()) / middle(sides, item.height()));
            case "cork" -> cork(item, media, item.height() / least);
            case "foam" -> BLOCK;
            default -> item.height() < FLAT_STONE * least ? SLAB : BOULDER;
        };
    }

    private static PieceForm wood(String media, double slender) {
        if (media.equals("bamboo") || media.equals("softwood_board")) {
            return BLOCK;
        }
        return slender >= LONG_WOOD ? BRANCH : ROOT;
    }

    private static PieceForm cork(HardscapeItem item, String media, double rise) {
        if (media.contains("tube")) {
            return TUBE;
        }
        if (media.contains("block")) {
            return BLOCK;
        }
        return item.hide().isPresent() || rise >= ARCHED ? HALF_SHELL : FLAT;
    }

    /** The second of three measures. */
    private static double middle(PieceLook.Sides sides, double height) {
        double[] all = {sides.length(), sides.width(), height};
        java.util.Arrays.sort(all);
        return all[1];
    }
}
