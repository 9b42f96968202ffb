package dev.huella.core.exchange.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import dev.huella.core.model.Model;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.Problem;
import dev.huella.core.source.SourceSpan;
import java.io.IOException;
import java.io.Writer;
import java.util.List;

/** What the JSON formats have in common. */
final class JsonWriting {
    private JsonWriting() {}

    static JsonGenerator generator(Writer to) throws IOException {
        JsonGenerator json = new JsonFactory().createGenerator(to);
        json.configure(JsonGenerator.Feature.AUTO_CLOSE_TARGET, false);
        var printer = new DefaultPrettyPrinter();
        var indenter = new DefaultIndenter(" ", "\n");
        printer.indentObjectsWith(indenter);
        printer.indentArraysWith(indenter);
        json.setPrettyPrinter(printer);
        return json;
    }

    /** Null when there is no place. {@code name} is null inside arrays. */
    static void place(JsonGenerator json, String name, SourceSpan place) throws IOException {
        if (name != null) {
            json.writeFieldName(name);
        }
        if (place == null) {
            json.writeNull();
            return;
        }
        json.writeStartObject();
        json.writeStringField("file", place.file());
        json.writeNumberField("line", place.line());
        json.writeNumberField("column", place.column());
        json.writeNumberField("endLine", place.endLine());
        json.writeEndObject();
    }

    static void places(JsonGenerator json, List<SourceSpan> places) throws IOException {
        json.writeArrayFieldStart("places");
        for (SourceSpan place : places) {
            place(json, null, place);
        }
        json.writeEndArray();
    }

    static void strings(JsonGenerator json, String name, List<String> texts) throws IOException {
        json.writeArrayFieldStart(name);
        for (String text : texts) {
            json.writeString(text);
        }
        json.writeEndArray();
    }

    static void orNull(JsonGenerator json, String name, String text) throws IOException {
        if (text == null || text.isEmpty()) {
            json.writeNullField(name);
        } else {
            json.writeStringField(name, text);
        }
    }

    static String type(TypeUse use) {
        return use.text() + "[]".repeat(use.dimensions());
    }

    static void files(JsonGenerator json, Model model) throws IOException {
        json.writeArrayFieldStart("files");
        for (Model.FileRead file : model.files()) {
            json.writeStartObject();
            json.writeStringField("path", file.path());
            json.writeStringField("language", file.language());
            json.writeNumberField("lines", file.lines());
            json.writeArrayFieldStart("problems");
            for (Problem problem : file.problems()) {
                json.writeStartObject();
                json.writeNumberField("line", problem.line());
                json.writeNumberField("column", problem.column());
                json.writeStringField("message", problem.message());
                json.writeEndObject();
            }
            json.writeEndArray();
            json.writeEndObject();
        }
        json.writeEndArray();
    }
}
