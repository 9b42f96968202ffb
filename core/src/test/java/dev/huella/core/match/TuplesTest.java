package dev.huella.core.match;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TuplesTest {

    /** Few different numbers, so that most tuples come again; held against a plain list. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 5})
    void eachTupleKeepsTheNumberOfItsFirstComing(int width) {
        var random = new Random(width);
        var tuples = new Tuples(width);
        List<List<Integer>> plain = new ArrayList<>();
        for (int i = 0; i < 4_000; i++) {
            int[] tuple = random.ints(width, -1, 9).toArray();
            List<Integer> boxed = java.util.Arrays.stream(tuple).boxed().toList();
            assertEquals(plain.indexOf(boxed), tuples.find(tuple));
            assertEquals(!plain.contains(boxed), tuples.add(tuple));
            if (!plain.contains(boxed)) {
                plain.add(boxed);
            }
            assertEquals(plain.size(), tuples.size());
        }
    }
}
