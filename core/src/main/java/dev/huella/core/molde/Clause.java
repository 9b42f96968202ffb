package dev.huella.core.molde;

import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.source.SourceSpan;
import java.util.List;

/**
 * One thing that can be said of elements of a model. Its syntax is a sentence with places for elements:
 * {@code "{operation} adds its input to {field}"}. Found by {@link java.util.ServiceLoader}.
 */
public sealed interface Clause permits Clause.Listed, Clause.Tested {
    /** The sentence, with {@code {type}}, {@code {field}}, {@code {operation}} or {@code {words}} where something stands. */
    String syntax();

    /** One sentence for the language's page: what it means. */
    String meaning();

    /** False for what only ties roles together, and tells a person nothing about why something is a find. */
    default boolean telling() {
        return true;
    }

    /** A clause that can list all combinations for which it holds, so that the matcher can start from it. */
    non-sealed interface Listed extends Clause {
        void rows(Model model, Rows into);
    }

    /** A clause that can only be asked of given elements. */
    non-sealed interface Tested extends Clause {
        /**
         * Whether it holds.
         *
         * @param elements what stands at the places, in order; texts are left out
         * @param words the texts
         */
        boolean holds(List<Element> elements, List<String> words);
    }

    /** Takes the combinations that a clause lists. */
    @FunctionalInterface
    interface Rows {
        /** {@code at} is the place that shows it; null where no single place does. */
        void add(SourceSpan at, Element... elements);
    }
}
