package tanah.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Pack;

/**
 * Least cost for enough, over whole packs: dynamic programme over tenths of a litre, exact. Ties go to the least
 * bought, then the fewest packs, then the order of the list.
 */
public final class Packs {
    /** A tenth of a litre (m³). */
    private static final double STEP = 1e-4;

    private static final int MOST_STEPS = 100_000;

    private Packs() {}

    /**
     * @param need  volume (m³), 0 or more
     * @param packs packs in litres
     * @return empty where nothing is sold or the need is beyond 10 000 l
     */
    public static Optional<PackChoice> cheapest(double need, List<Pack> packs) {
        List<Pack> usable = packs.stream().filter(p -> p.unit().equals("l")).toList();
        int target = (int) Math.ceil(need / STEP - 1e-6);
        if (usable.isEmpty() || target > MOST_STEPS) {
            return Optional.empty();
        }
        if (target <= 0) {
            return Optional.of(new PackChoice(List.of(), 0, 0));
        }
        return Optional.of(search(target, usable));
    }

    private static PackChoice search(int target, List<Pack> packs) {
        long[] price = new long[target + 1];
        int[] bought = new int[target + 1];
        int[] count = new int[target + 1];
        int[] last = new int[target + 1];
        for (int still = 1; still <= target; still++) {
            price[still] = Long.MAX_VALUE;
            for (int i = 0; i < packs.size(); i++) {
                int size = (int) Math.round(packs.get(i).amount() / STEP);
                int rest = Math.max(0, still - size);
                long p = price[rest] + packs.get(i).price();
                int b = bought[rest] + size;
                int c = count[rest] + 1;
                boolean better = p < price[still]
                        || (p == price[still] && (b < bought[still] || (b == bought[still] && c < count[still])));
                if (better) {
                    price[still] = p;
                    bought[still] = b;
                    count[still] = c;
                    last[still] = i;
                }
            }
        }
        int[] picks = new int[packs.size()];
        int still = target;
        while (still > 0) {
            int i = last[still];
            picks[i]++;
            still = Math.max(0, still - (int) Math.round(packs.get(i).amount() / STEP));
        }
        List<PackChoice.Pick> chosen = new ArrayList<>();
        for (int i = 0; i < picks.length; i++) {
            if (picks[i] > 0) {
                chosen.add(new PackChoice.Pick(packs.get(i), picks[i]));
            }
        }
        return new PackChoice(chosen, bought[target] * STEP, price[target]);
    }
}
