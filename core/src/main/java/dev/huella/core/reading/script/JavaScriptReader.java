package dev.huella.core.reading.script;

import com.google.auto.service.AutoService;
import dev.huella.core.reading.LanguageReader;
import java.util.Set;

/** Reads JavaScript. */
@AutoService(LanguageReader.class)
public final class JavaScriptReader extends ScriptReader {

    public JavaScriptReader() {
        super("tree-sitter-javascript", "tree_sitter_javascript");
    }

    @Override
    public String language() {
        return "javascript";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("js", "mjs", "cjs", "jsx");
    }
}
