package dev.huella.core.reading.script;

import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.reading.SyntaxNode;
import java.util.ArrayList;
import java.util.List;

/** Reads what a file takes from others and what it gives to them. */
final class ScriptImports {
    private final String itself;
    private final List<ImportSeen> all = new ArrayList<>();

    ScriptImports(String stem) {
        itself = "./" + stem;
    }

    List<ImportSeen> all() {
        return all;
    }

    private static String source(SyntaxNode node) {
        SyntaxNode source = node.child("source");
        return source == null ? null : source.text().replaceAll("^['\"`]|['\"`]$", "");
    }

    void statement(SyntaxNode node) {
        String module = source(node);
        SyntaxNode clause = node.first("import_clause");
        SyntaxNode old = node.first("import_require_clause");
        if (old != null) {
            all.add(new ImportSeen("default", true, false, old.first("identifier").text(), source(old)));
        }
        if (module == null || clause == null) {
            return;
        }
        for (SyntaxNode child : clause.children()) {
            switch (child.kind()) {
                case "identifier" -> all.add(new ImportSeen("default", true, false, child.text(), module));
                case "namespace_import" -> all.add(new ImportSeen("", false, false,
                        child.children().getFirst().text(), module));
                case "named_imports" -> child.children().forEach(one -> specifier(one, module));
                default -> {
                    // nothing else binds a name
                }
            }
        }
    }

    private void specifier(SyntaxNode node, String module) {
        SyntaxNode name = node.child("name");
        SyntaxNode alias = node.child("alias");
        if (name != null) {
            all.add(new ImportSeen(name.text(), true, false, (alias == null ? name : alias).text(), module));
        }
    }

    /** {@code export { a as b }}, {@code export { a } from 'm'}, {@code export * from 'm'}. */
    void exported(SyntaxNode node) {
        String module = source(node);
        SyntaxNode clause = node.first("export_clause");
        if (clause != null) {
            for (SyntaxNode one : clause.children()) {
                SyntaxNode name = one.child("name");
                SyntaxNode alias = one.child("alias");
                if (name != null && (module != null || alias != null)) {
                    all.add(new ImportSeen(name.text(), true, false, (alias == null ? name : alias).text(),
                            module == null ? itself : module));
                }
            }
        } else if (module != null) {
            SyntaxNode space = node.first("namespace_export");
            all.add(space == null
                    ? new ImportSeen("", true, true, null, module)
                    : new ImportSeen("", false, false, space.children().getFirst().text(), module));
        }
        SyntaxNode declaration = node.child("declaration");
        if (declaration != null && declaration.child("name") != null
                && node.tokens().stream().anyMatch(token -> token.is("default"))) {
            gives("default", declaration.child("name").text());
        }
    }

    /** The file gives one of its own under another name. */
    void gives(String name, String own) {
        if (!name.equals(own)) {
            all.add(new ImportSeen(own, true, false, name, itself));
        }
    }

    /** {@code const x = require('m')} and {@code const { a, b: c } = require('m')}; false for other variables. */
    boolean required(SyntaxNode name, SyntaxNode value) {
        String member = "default";
        SyntaxNode call = value;
        if (call != null && call.is("member_expression")) {
            member = call.child("property").text();
            call = call.child("object");
        }
        if (call == null || !call.is("call_expression") || !call.child("function").text().equals("require")
                || call.child("arguments").children().isEmpty()) {
            return false;
        }
        String module = call.child("arguments").children().getFirst().text().replaceAll("^['\"`]|['\"`]$", "");
        if (name.is("identifier")) {
            all.add(new ImportSeen(member, true, false, name.text(), module));
        } else if (name.is("object_pattern")) {
            for (SyntaxNode part : name.children()) {
                SyntaxNode key = part.child("key");
                SyntaxNode local = part.child("value");
                all.add(key == null || local == null
                        ? new ImportSeen(part.text(), true, false, part.text(), module)
                        : new ImportSeen(key.text(), true, false, local.text(), module));
            }
        }
        return true;
    }
}
