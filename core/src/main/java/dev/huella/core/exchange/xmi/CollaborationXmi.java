package dev.huella.core.exchange.xmi;

import dev.huella.core.exchange.xmi.UmlModel.Binding;
import dev.huella.core.exchange.xmi.UmlModel.Collaboration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.xml.stream.XMLStreamException;

/**
 * Writes patterns as collaborations with a role for each part, and finds as uses of them with a binding for each
 * player.
 */
final class CollaborationXmi {
    private final XmlOut out;
    private final Map<String, String> classifiers;

    CollaborationXmi(XmlOut out, Map<String, String> classifiers) {
        this.out = out;
        this.classifiers = classifiers;
    }

    void write(List<Collaboration> finds) throws XMLStreamException {
        Map<String, Set<String>> patterns = new LinkedHashMap<>();
        for (Collaboration find : finds) {
            Set<String> roles = patterns.computeIfAbsent(find.pattern(), key -> new LinkedHashSet<>());
            find.bindings().forEach(binding -> roles.add(binding.role()));
        }
        Map<String, String> roleIds = new LinkedHashMap<>();
        int number = 0;
        for (var entry : patterns.entrySet()) {
            String id = "k" + number++;
            roleIds.put(entry.getKey(), id);
            out.begin("packagedElement", "xmi:type", "uml:Collaboration", "xmi:id", id, "name", entry.getKey());
            List<String> ids = new ArrayList<>();
            for (String role : entry.getValue()) {
                ids.add(id + "." + role);
                roleIds.put(entry.getKey() + " " + role, id + "." + role);
            }
            if (!ids.isEmpty()) {
                out.attribute("collaborationRole", String.join(" ", ids));
            }
            for (String role : entry.getValue()) {
                out.begin("ownedAttribute", "xmi:type", "uml:Property", "xmi:id", id + "." + role, "name", role);
                out.end();
            }
            out.end();
        }
        for (int i = 0; i < finds.size(); i++) {
            use(finds.get(i), "f" + i, roleIds);
        }
    }

    private void use(Collaboration find, String id, Map<String, String> roleIds) throws XMLStreamException {
        out.begin("packagedElement", "xmi:type", "uml:Collaboration", "xmi:id", id, "name", find.title());
        out.begin("collaborationUse", "xmi:type", "uml:CollaborationUse", "xmi:id", id + ".u", "name", find.title(),
                "type", roleIds.get(find.pattern()));
        int number = 0;
        for (Binding binding : find.bindings()) {
            out.begin("roleBinding", "xmi:type", "uml:Dependency", "xmi:id", id + ".b" + number++, "client",
                    roleIds.get(find.pattern() + " " + binding.role()), "supplier",
                    classifiers.get(binding.classifier()));
            out.end();
        }
        out.end();
        out.end();
    }
}
