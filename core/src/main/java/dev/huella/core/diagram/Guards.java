package dev.huella.core.diagram;

import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.source.SourceSpan;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Says in a few words under which condition something happens: the code's own where it can be quoted. */
final class Guards {
    private static final int LONGEST = 46;
    private final Function<SourceSpan, String> lines;
    private final Map<Integer, Deed.Chooses> choices = new HashMap<>();

    /** {@code lines}: the text of the line a place begins at, or null. */
    Guards(Operation operation, Function<SourceSpan, String> lines) {
        this.lines = lines;
        for (Deed deed : operation.written()) {
            if (deed instanceof Deed.Chooses chooses) {
                choices.putIfAbsent(chooses.choice(), chooses);
            }
        }
    }

    String of(Setting setting) {
        String about = setting.about()
                .stream()
                .map(Guards::text)
                .filter(text -> !text.isEmpty())
                .distinct()
                .collect(Collectors.joining(", "));
        return switch (setting.kind()) {
            case EACH -> about.isEmpty() ? "for each" : "for each of " + about;
            case WHILE -> about.isEmpty()
                    ? "while a condition holds"
                    : "while " + about.substring(about.lastIndexOf(' ') + 1);
            case PRESENCE -> about.isEmpty() ? quoted(setting, "it is there") : about + " is there";
            case ABSENCE -> about.isEmpty() ? quoted(setting, "it is missing") : about + " is missing";
            case BRANCH -> quoted(setting, about.isEmpty() ? "on a condition" : "depending on " + about);
            case REST -> "else";
            case FUNCTION -> "when it is called";
            case ON_ERROR -> "on an error";
            case LOCK -> about;
        };
    }

    private String quoted(Setting setting, String otherwise) {
        Deed.Chooses chooses = choices.get(setting.choice());
        if (chooses == null) {
            return otherwise;
        }
        String line = chooses.branches() > 2 || setting.branch() > 0 ? null : lines.apply(chooses.at());
        if (line == null) {
            return chooses.branches() > 2 ? "case %d, %s".formatted(setting.branch() + 1, otherwise) : otherwise;
        }
        String condition = condition(line);
        return condition.isEmpty() || condition.length() > LONGEST ? otherwise : condition;
    }

    /** What a line of code asks; empty when it does not ask the whole of it. */
    private static String condition(String line) {
        String rest = line.strip().replaceFirst("^(?:}\\s*)?(?:else\\s+)?(?:if|elif|unless|guard)\\b\\s*", "");
        if (!rest.startsWith("(")) {
            return rest.replaceFirst("\\s*(?:[{:]|then)?\\s*$", "");
        }
        int open = 0;
        for (int i = 0; i < rest.length(); i++) {
            open += rest.charAt(i) == '(' ? 1 : rest.charAt(i) == ')' ? -1 : 0;
            if (open == 0) {
                return rest.substring(1, i);
            }
        }
        return "";
    }

    /** What a value is called; empty when it has no name. */
    static String text(Flow flow) {
        return text(flow.first());
    }

    private static String text(Origin origin) {
        return switch (origin) {
            case Origin.OfField(var field, boolean _) -> field.name();
            case Origin.OfParameter(var operation, int index) -> operation.parameters().size() > index
                    ? operation.parameters().get(index).name()
                    : "";
            case Origin.Result(var callee, Origin _) -> callee == null ? "" : callee.name() + "()";
            case Origin.ElementOf(Origin container) -> text(container).isEmpty() ? "" : text(container) + "[i]";
            case Origin.CopyOf(Origin container, boolean _) -> text(container);
            case Origin.OfType(var type) -> type.name();
            case Origin.Self _ -> "self";
            case Origin.OfFunctionParameter _, Origin.Fresh _, Origin.OfFunction _, Origin.Constant _,
                    Origin.Unknown _ ->
                "";
        };
    }
}
