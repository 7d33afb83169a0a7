package tanah.core.numeric;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class MemoTest {
    private final List<Integer> computed = new ArrayList<>();

    private int square(int n) {
        computed.add(n);
        return n * n;
    }

    @Test
    void whatWasAskedIsNotComputedAgain() {
        Memo<Integer, Integer> memo = new Memo<>(2);
        assertThat(memo.of(3, this::square)).isEqualTo(9);
        assertThat(memo.of(3, this::square)).isEqualTo(9);
        assertThat(computed).containsExactly(3);
    }

    @Test
    void whatWasAskedLeastLatelyIsForgotten() {
        Memo<Integer, Integer> memo = new Memo<>(2);
        memo.of(1, this::square);
        memo.of(2, this::square);
        memo.of(1, this::square);
        memo.of(3, this::square);
        assertThat(memo.size()).isEqualTo(2);
        memo.of(1, this::square);
        assertThat(computed).containsExactly(1, 2, 3);
        memo.of(2, this::square);
        assertThat(computed).containsExactly(1, 2, 3, 2);
    }
}
