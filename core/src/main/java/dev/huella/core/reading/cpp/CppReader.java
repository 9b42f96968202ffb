package dev.huella.core.reading.cpp;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.Masks;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import dev.huella.core.reading.TreeReader;
import java.util.List;
import java.util.Set;

/** Reads C++: namespaces and free functions in {@link CppFile}, classes in {@link CppTypes}, bodies in {@link CppBodies}. */
@AutoService(LanguageReader.class)
public final class CppReader extends TreeReader {

    public CppReader() {
        super("tree-sitter-cpp", "tree_sitter_cpp",
                Set.of("comment", "string_literal", "raw_string_literal", "preproc_include", "preproc_def",
                        "preproc_function_def", "preproc_call", "requires_clause", "attribute_declaration"));
    }

    @Override
    public String language() {
        return "cpp";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("cpp", "cc", "cxx", "c++", "hpp", "hh", "hxx", "h++", "h", "ipp", "inl", "tpp");
    }

    @Override
    protected byte[] masked(byte[] utf8) {
        return CppMasks.mask(utf8);
    }

    @Override
    protected byte[] withoutComments(byte[] utf8) {
        return Masks.of(utf8).blankComments().bytes();
    }

    @Override
    protected byte[] maskedAgain(byte[] utf8) {
        return CppMasks.maskMore(utf8);
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return node.is("namespace_identifier") ? Tint.Kind.TYPE : node.is("auto") ? Tint.Kind.WORD : usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        if (CppMasks.isObjectiveC(tree.root())) {
            return new FileFacts(tree.path(), language(), "", List.of(), List.of(), List.of(), List.of(), tree.lines());
        }
        var file = new CppFile(stem(tree.path()));
        file.read(tree.root(), "");
        file.usedInside(tree.root());
        file.close(tree.root());
        return facts(tree, file.namespace(), file.imports(), file.aliases(), file.types());
    }
}
