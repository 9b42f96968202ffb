package dev.huella.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One type, one shape, told once for all the hierarchies that its players belong to. */
class WidestTest {
    private static final String GOODS = """
            interface Taxed {}
            abstract class Goods {}
            abstract class Wet extends Goods {}
            class Oil extends Wet implements Taxed {}
            class Wine extends Wet implements Taxed {}
            class Grain extends Goods {}
            """;

    @Test
    void theOneThatTakesInMostIsTold() {
        assertThat(roots("""
                class Toll {
                    int due(Goods goods) {
                        if (goods instanceof Oil) { return 9; }
                        if (goods instanceof Wine) { return 12; }
                        return goods instanceof Grain ? 1 : 0;
                    }
                    String lane(Goods goods) {
                        if (goods instanceof Oil) { return "far"; }
                        return goods instanceof Wine || goods instanceof Grain ? "near" : "any";
                    }
                }
                """)).containsExactly("Goods");
    }

    @Test
    void ofThoseThatTakeInTheSameTheNearestClassIsTold() {
        assertThat(roots("""
                class Toll {
                    int due(Goods goods) { return goods instanceof Oil ? 9 : goods instanceof Wine ? 12 : 0; }
                    String lane(Goods goods) { return goods instanceof Oil || goods instanceof Wine ? "far" : "any"; }
                }
                """)).containsExactly("Wet");
    }

    @Test
    void hierarchiesWithPlayersOfTheirOwnAreEachTold() {
        assertThat(roots("""
                abstract class Craft {}
                class Tug extends Craft {}
                class Barge extends Craft {}
                class Toll {
                    int due(Goods goods, Craft craft) {
                        int due = craft instanceof Tug ? 2 : craft instanceof Barge ? 3 : 0;
                        return goods instanceof Grain ? due : goods instanceof Wine ? due * 2 : 0;
                    }
                    String lane(Goods goods, Craft craft) {
                        String lane = craft instanceof Tug ? "inner" : craft instanceof Barge ? "outer" : "any";
                        return goods instanceof Grain || goods instanceof Wine ? lane : "";
                    }
                }
                """)).containsExactlyInAnyOrder("Goods", "Craft");
    }

    private static List<String> roots(String source) {
        Model model = CodeBase.of(GOODS + source);
        PatternDefinition definition = Catalogue.shipped()
                .opportunities()
                .stream()
                .filter(one -> one.id().equals("asks-the-kind"))
                .findFirst()
                .orElseThrow();
        return Widest.of(definition, new Matcher(model).find(definition).instances())
                .stream()
                .flatMap(instance -> instance.playing("root").stream())
                .map(element -> element.home().name())
                .toList();
    }
}
