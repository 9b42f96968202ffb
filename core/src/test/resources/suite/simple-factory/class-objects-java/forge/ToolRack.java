package forge;

import java.util.Map;

public final class ToolRack {
    private static final Map<String, Class<? extends Tool>> KINDS = Map.of("hammer", Hammer.class, "tongs", Tongs.class);

    public Tool take(String name) {
        Class<? extends Tool> kind = KINDS.get(name);
        if (kind == null) {
            throw new IllegalArgumentException("no tool " + name);
        }
        try {
            return kind.getDeclaredConstructor().newInstance();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
