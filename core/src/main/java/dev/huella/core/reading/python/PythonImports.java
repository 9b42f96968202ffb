package dev.huella.core.reading.python;

import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.reading.SyntaxNode;
import java.util.List;

/** Reads import statements. */
final class PythonImports {
    private PythonImports() {}

    /** {@code import a.b as c}. */
    static void modules(SyntaxNode node, List<ImportSeen> into) {
        for (SyntaxNode child : node.children()) {
            if (child.is("aliased_import")) {
                into.add(new ImportSeen("", false, false, child.child("alias").text(), child.child("name").text()));
            } else if (child.is("dotted_name")) {
                into.add(new ImportSeen("", false, false, child.text(), child.text()));
            }
        }
    }

    /** {@code from .a import b as c, d} and {@code from a import *}. */
    static void names(SyntaxNode node, List<ImportSeen> into) {
        SyntaxNode module = node.child("module_name");
        if (module == null) {
            return;
        }
        String from = module.text().replaceAll("\\s", "");
        for (SyntaxNode child : node.children()) {
            if (child.is("wildcard_import")) {
                into.add(new ImportSeen("", true, true, null, from));
            } else if ("name".equals(child.field())) {
                boolean aliased = child.is("aliased_import");
                SyntaxNode name = aliased ? child.child("name") : child;
                into.add(new ImportSeen(name.text(), true, false,
                        aliased ? child.child("alias").text() : name.text(), from));
            }
        }
    }
}
