package tanah.core.numeric;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Remembers the last answers of a pure function that is asked the same again and again: the answer is the same, only sooner. Holds so many
 * and forgets the one that was asked least lately.
 */
public final class Memo<K, V> {
    private final Map<K, V> known;

    /** @param most answers that are held */
    public Memo(int most) {
        known = new LinkedHashMap<>(2 * most, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** The answer to a question; two threads that ask at once may both compute it. */
    public V of(K question, Function<K, V> answer) {
        synchronized (known) {
            V before = known.get(question);
            if (before != null) {
                return before;
            }
        }
        V found = answer.apply(question);
        synchronized (known) {
            known.put(question, found);
        }
        return found;
    }

    int size() {
        synchronized (known) {
            return known.size();
        }
    }
}
