package dev.huella.core.reading.java;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.reading.Grammar;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxParser;
import dev.huella.core.reading.SyntaxProblems;
import dev.huella.core.reading.SyntaxTree;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads Java up to version 25: the file's frame here, declarations in {@link JavaTypes}, bodies in {@link JavaBodies}. */
@AutoService(LanguageReader.class)
public final class JavaReader implements LanguageReader {
    private static final Grammar GRAMMAR = new Grammar("tree-sitter-java", "tree_sitter_java",
            Set.of("import_declaration", "string_literal", "character_literal", "annotation_argument_list",
                    "module_body",
                    "scoped_identifier"));
    private static final ThreadLocal<SyntaxParser> PARSER = ThreadLocal.withInitial(() -> new SyntaxParser(GRAMMAR));

    @Override
    public String language() {
        return "java";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("java");
    }

    @Override
    public int parseOnly(byte[] utf8) {
        PARSER.get().parseOnly(utf8);
        return utf8.length;
    }

    @Override
    public List<Tint> tints(byte[] utf8) {
        return JavaTints.of(PARSER.get().parse(utf8));
    }

    @Override
    public FileFacts read(String path, byte[] utf8) {
        SyntaxTree tree = parse(JavaMasks.mask(utf8)).named(path);
        var types = new JavaTypes(tree);
        List<ImportSeen> imports = new ArrayList<>();
        List<TypeDeclared> declared = new ArrayList<>();
        List<SyntaxNode> loose = new ArrayList<>();
        String namespace = "";
        for (SyntaxNode node : types.membersOf(tree.root())) {
            switch (node.kind()) {
                case "package_declaration" -> namespace = packageName(node);
                case "import_declaration" -> imports.add(imported(node.text()));
                case "method_declaration", "field_declaration", "local_variable_declaration" -> loose.add(node);
                default -> {
                    if (JavaTypes.isType(node)) {
                        declared.add(types.declared(node, null));
                    }
                }
            }
        }
        if (loose.stream().anyMatch(node -> node.is("method_declaration")) && declared.isEmpty()) {
            declared.add(types.looseMembers(fileName(path), tree.root(), loose));
        }
        return new FileFacts(path, language(), namespace, imports, declared, SyntaxProblems.of(tree), tree.lines());
    }

    private static SyntaxTree parse(byte[] utf8) {
        SyntaxTree tree = PARSER.get().parse(utf8);
        byte[] masked = tree.broken() ? JavaMasks.maskLateConstruction(utf8) : utf8;
        return masked == utf8 ? tree : PARSER.get().parse(masked);
    }

    private static String packageName(SyntaxNode node) {
        return node.children()
                .stream()
                .filter(child -> child.is("scoped_identifier") || child.is("identifier"))
                .map(child -> child.text().replaceAll("\\s", ""))
                .findFirst()
                .orElse("");
    }

    static ImportSeen imported(String text) {
        String rest = text.substring("import".length()).replace(";", "").strip();
        boolean members = rest.startsWith("static ") || rest.startsWith("static\t");
        if (members) {
            rest = rest.substring("static".length());
        }
        rest = rest.replaceAll("/\\*.*?\\*/|\\s", "");
        boolean all = rest.endsWith(".*");
        return new ImportSeen(all ? rest.substring(0, rest.length() - 2) : rest, members, all);
    }

    private static String fileName(String path) {
        String name = path.substring(path.lastIndexOf('/') + 1);
        return name.substring(0, name.length() - ".java".length());
    }
}
