package tanah.web.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No two labels touch, and none leaves the sheet, however thin the layers are. */
class LabelColumnTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5, 8, 13, 21, 40})
    void labelsNeverTouch(int count) {
        Random random = new Random(count);
        for (int round = 0; round < 50; round++) {
            List<LabelColumn.Label> labels = new ArrayList<>();
            double y = 300;
            for (int i = 0; i < count; i++) {
                y += random.nextDouble() * (round % 2 == 0 ? 2 : 40);
                labels.add(new LabelColumn.Label("l" + i, "first", "second", 10, y));
            }
            List<LabelColumn.Placed> placed = LabelColumn.place(labels, 14, 420, n -> n + " more");
            for (int i = 0; i < placed.size(); i++) {
                double half = placed.get(i).lines() == 2 ? LabelColumn.TWO_LINES / 2 : LabelColumn.ONE_LINE / 2;
                assertThat(placed.get(i).y() - half).isGreaterThanOrEqualTo(14 - 1e-6);
                assertThat(placed.get(i).y() + half).isLessThanOrEqualTo(420 + 1e-6);
                if (i > 0) {
                    assertThat(placed.get(i).y() - placed.get(i - 1).y()).isGreaterThanOrEqualTo(2 * half - 1e-6);
                }
            }
        }
    }
}
