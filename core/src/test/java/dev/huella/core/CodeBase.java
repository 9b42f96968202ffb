package dev.huella.core;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.reading.LanguageReaders;
import dev.huella.core.resolve.ModelResolver;
import dev.huella.core.source.Work;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** A small code base for a test, written in place. */
public final class CodeBase {
    private CodeBase() {}

    /** One file of Java for each text. */
    public static Model of(String... texts) {
        List<FileFacts> facts = new ArrayList<>();
        for (String text : texts) {
            facts.add(read("F" + facts.size() + ".java", text));
        }
        return ModelResolver.resolve(facts, Work.QUIET);
    }

    /** One file of the language that uses the ending. */
    public static Model in(String ending, String text) {
        FileFacts facts = LanguageReaders.installed()
                .forExtension(ending)
                .read("code." + ending, text.getBytes(StandardCharsets.UTF_8));
        return ModelResolver.resolve(List.of(facts), Work.QUIET);
    }

    /** One file of the language for each text. */
    public static Model filesIn(String ending, String... texts) {
        List<FileFacts> facts = new ArrayList<>();
        for (String text : texts) {
            facts.add(LanguageReaders.installed()
                    .forExtension(ending)
                    .read("code" + facts.size() + "." + ending, text.getBytes(StandardCharsets.UTF_8)));
        }
        return ModelResolver.resolve(facts, Work.QUIET);
    }

    public static FileFacts read(String path, String text) {
        return LanguageReaders.installed().forExtension("java").read(path, text.getBytes(StandardCharsets.UTF_8));
    }

    /** The type of a simple or qualified name. */
    public static CodeType type(Model model, String name) {
        return model.types()
                .stream()
                .filter(type -> type.name().equals(name) || type.qualifiedName().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no type " + name + " among " + model.types()));
    }
}
