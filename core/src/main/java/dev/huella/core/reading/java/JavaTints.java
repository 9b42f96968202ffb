package dev.huella.core.reading.java;

import dev.huella.core.reading.LanguageReader.Tint;
import dev.huella.core.reading.LanguageReader.Tint.Kind;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import java.util.ArrayList;
import java.util.List;

/** Says which stretches of Java are keywords, texts, numbers, comments and types, for showing code in colour. */
final class JavaTints {
    private JavaTints() {}

    static List<Tint> of(SyntaxTree tree) {
        List<Tint> found = new ArrayList<>();
        collect(tree.root(), found);
        return found;
    }

    private static void collect(SyntaxNode root, List<Tint> found) {
        var open = new java.util.ArrayDeque<SyntaxNode>();
        open.push(root);
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            Kind kind = kind(node);
            if (kind != null) {
                found.add(new Tint(node.start(), node.end(), kind));
            } else {
                node.tokens().reversed().forEach(open::push);
            }
        }
    }

    private static Kind kind(SyntaxNode node) {
        String kind = node.kind();
        return switch (kind) {
            case "line_comment", "block_comment" -> Kind.COMMENT;
            case "string_literal", "character_literal" -> Kind.TEXT;
            case "type_identifier" -> Kind.TYPE;
            case "this", "super", "true", "false", "null_literal", "void_type", "boolean_type", "integral_type",
                    "floating_point_type", "import_declaration" ->
                Kind.WORD;
            default -> kind.endsWith("_literal")
                    ? Kind.NUMBER
                    : !node.named() && Character.isLetter(kind.charAt(0)) ? Kind.WORD : null;
        };
    }
}
