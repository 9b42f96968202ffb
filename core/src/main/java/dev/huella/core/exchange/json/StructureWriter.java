package dev.huella.core.exchange.json;

import com.fasterxml.jackson.core.JsonGenerator;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Relation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.SourceSpan;
import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.Locale;

/** Writes a model as {@code huella-structure/1}. */
public final class StructureWriter {
    private final JsonGenerator json;

    private StructureWriter(JsonGenerator json) {
        this.json = json;
    }

    /** The writer is flushed, not closed. */
    public static void write(Model model, Writer to) throws IOException {
        try (JsonGenerator json = JsonWriting.generator(to)) {
            new StructureWriter(json).document(model);
        }
    }

    private void document(Model model) throws IOException {
        json.writeStartObject();
        json.writeStringField("format", "huella-structure/1");
        JsonWriting.files(json, model);
        json.writeArrayFieldStart("types");
        for (CodeType type : model.declared()) {
            type(type);
        }
        for (CodeType type : model.outside()) {
            type(type);
        }
        json.writeEndArray();
        json.writeArrayFieldStart("relations");
        for (Relation relation : model.relations()) {
            relation(relation);
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private void type(CodeType type) throws IOException {
        json.writeStartObject();
        json.writeStringField("name", type.name());
        json.writeStringField("qualifiedName", type.qualifiedName());
        json.writeStringField("kind", type.kind().word());
        json.writeBooleanField("external", type.external());
        json.writeBooleanField("abstract", type.isAbstract());
        json.writeStringField("visibility", type.modifiers().visibility().word());
        JsonWriting.strings(json, "typeParameters",
                type.external() ? List.of() : type.variables().stream().map(variable -> variable.name()).toList());
        if (!type.external()) {
            json.writeStringField("language", type.language());
            JsonWriting.place(json, "place", type.place());
            members(type);
        }
        json.writeEndObject();
    }

    private void members(CodeType type) throws IOException {
        json.writeArrayFieldStart("fields");
        for (Field field : type.declaredFields()) {
            field(field);
        }
        json.writeEndArray();
        json.writeArrayFieldStart("operations");
        for (Operation operation : type.declaredOperations()) {
            if (operation.kind() != Kind.INITIALISER) {
                operation(operation);
            }
        }
        json.writeEndArray();
    }

    private void field(Field field) throws IOException {
        json.writeStartObject();
        json.writeStringField("name", field.name());
        json.writeStringField("type", JsonWriting.type(field.type()));
        json.writeStringField("visibility", field.modifiers().visibility().word());
        json.writeBooleanField("static", field.isStatic());
        json.writeBooleanField("mutable", !field.modifiers().has(Mark.FINAL));
        json.writeStringField("multiplicity", field.held().many().text());
        json.writeStringField("resolved", resolved(field.type(), field.isInferred()));
        JsonWriting.place(json, "place", field.place());
        json.writeEndObject();
    }

    private void operation(Operation operation) throws IOException {
        json.writeStartObject();
        json.writeStringField("name", operation.name());
        json.writeArrayFieldStart("parameters");
        for (var parameter : operation.parameters()) {
            json.writeStartObject();
            json.writeStringField("name", parameter.name());
            json.writeStringField("type", JsonWriting.type(parameter.type()));
            json.writeStringField("resolved", resolved(parameter.type(), parameter.inferred()));
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeStringField("returns", operation.isConstructor()
                ? operation.home().name()
                : JsonWriting.type(operation.returns()));
        json.writeStringField("visibility", operation.modifiers().visibility().word());
        json.writeBooleanField("static", operation.isStatic());
        json.writeBooleanField("abstract", operation.isAbstract());
        json.writeBooleanField("constructor", operation.isConstructor());
        json.writeStringField("resolved", operation.isConstructor()
                ? "declared"
                : resolved(operation.returns(), operation.isResultInferred()));
        JsonWriting.place(json, "place", operation.place());
        json.writeEndObject();
    }

    /** How the type of a member is known: written, worked out from what is put there and asked of it, or not at all. */
    private static String resolved(TypeUse type, boolean inferred) {
        return type.isUnknown() ? "unknown" : inferred ? "inferred" : "declared";
    }

    private void relation(Relation relation) throws IOException {
        json.writeStartObject();
        json.writeStringField("kind", relation.kind().name().toLowerCase(Locale.ROOT));
        json.writeStringField("from", relation.from().qualifiedName());
        json.writeStringField("to", relation.to().qualifiedName());
        JsonWriting.orNull(json, "role", relation.role());
        JsonWriting.orNull(json, "multiplicity", relation.multiplicity() == null ? "" : relation.multiplicity().text());
        JsonWriting.orNull(json, "stereotype", relation.stereotype());
        json.writeStringField("resolved", relation.inferred() ? "inferred" : "declared");
        json.writeArrayFieldStart("places");
        for (SourceSpan place : relation.places()) {
            JsonWriting.place(json, null, place);
        }
        json.writeEndArray();
        json.writeEndObject();
    }
}
