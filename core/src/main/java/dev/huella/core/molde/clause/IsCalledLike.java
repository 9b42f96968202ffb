package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Element;
import dev.huella.core.molde.Clause;
import java.util.List;
import java.util.Locale;

/** {@code <operation> is called like <words>} */
@AutoService(Clause.class)
public final class IsCalledLike implements Clause.Tested {

    @Override
    public String syntax() {
        return "{operation} is called like {words}";
    }

    @Override
    public String meaning() {
        return "Its name starts with one of the texts. Only ever a hint.";
    }

    @Override
    public boolean holds(List<Element> elements, List<String> words) {
        String name = elements.getFirst().name().toLowerCase(Locale.ROOT);
        return words.stream().anyMatch(name::startsWith);
    }
}
