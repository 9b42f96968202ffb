package dev.huella.core.reading;

import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeText;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Types written in a documentation comment, in braces or bare. */
public final class DocComment {
    /** A function with what it takes and gives, which may have blanks in it. */
    private static final String FUNCTION = "\\??\\\\?(?:callable|Closure)\\([^)]*\\)\\s*:\\s*[^\\s]+";
    private static final String BARE = "(" + FUNCTION + "|(?:[^\\s{<]|<[^<>]*(?:<[^<>]*>[^<>]*)*>)+))";
    private static final Pattern PARAMETER = Pattern.compile("@(?:param|property)\\s+(?:\\{([^}]*)\\}\\s*|(" + FUNCTION
            + "|(?![$&])[^\\s$]+)\\s+)\\[?(?:\\.\\.\\.)?&?\\$?(\\w+)");
    private static final Pattern RESULT = Pattern
            .compile("@returns?\\s+(?:\\{([^}]*)\\}|" + BARE);
    private static final Pattern HELD = Pattern
            .compile("@(?:type|var)\\s+(?:\\{([^}]*)\\}|" + BARE);
    private static final Pattern REALISED = Pattern
            .compile("@implements\\s+(?:\\{([^}]*)\\}|" + BARE);
    private static final Pattern OPEN = Pattern
            .compile("@template(?:-covariant|-contravariant)?\\s+(?:\\{[^}]*\\}\\s*)?(\\w+(?:\\s*,\\s*\\w+)*)");
    public static final DocComment NONE = new DocComment("");
    private final String text;
    private final Map<String, TypeText> parameters = new HashMap<>();

    private DocComment(String text) {
        this.text = text;
        Matcher matcher = PARAMETER.matcher(text);
        while (matcher.find()) {
            TypeText type = type(matcher);
            if (type != null) {
                parameters.put(matcher.group(3), type);
            }
        }
    }

    /** Only comments that are meant as documentation are looked into; others are as good as none. */
    public static DocComment of(String comment) {
        return comment != null && comment.startsWith("/**") ? new DocComment(comment) : NONE;
    }

    /** What is known after another comment: one that is no documentation may stand between it and what it is about. */
    public DocComment then(String comment) {
        DocComment next = of(comment);
        return next == NONE ? this : next;
    }

    /** Null when the comment does not speak of that parameter. */
    public TypeText parameter(String name) {
        return parameters.get(name);
    }

    public TypeText result() {
        return first(RESULT);
    }

    /** What a field or variable holds. */
    public TypeText held() {
        return first(HELD);
    }

    public TypeText realised() {
        return first(REALISED);
    }

    /** Names for types that are left open. */
    public List<TypeParameterDeclared> open() {
        return OPEN.matcher(text)
                .results()
                .flatMap(found -> Stream.of(found.group(1).split("\\s*,\\s*")))
                .map(name -> new TypeParameterDeclared(name, List.of()))
                .toList();
    }

    /** True when a tag of that name stands in it. */
    public boolean has(String tag) {
        return text.contains("@" + tag);
    }

    private TypeText first(Pattern pattern) {
        Matcher matcher = pattern.matcher(text);
        return matcher.find() ? type(matcher) : null;
    }

    private static TypeText type(Matcher matcher) {
        String written = matcher.group(1) != null ? matcher.group(1) : matcher.group(2);
        TypeText type = WrittenType.of(written.replaceAll("^\\s*[!=]|=\\s*$", ""));
        return type != null && (type.name().equals("*") || type.name().equals("mixed")) ? null : type;
    }
}
