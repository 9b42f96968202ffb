import java.util.*;
interface Tool { void use(); }
class Saw implements Tool { public void use() { System.out.println("saw"); } }
class Adze implements Tool { public void use() { System.out.println("adze"); } }
class Rack {
    private final List<Tool> tools = new ArrayList<>();
    void hang(Tool t) { tools.add(t); }
    int count() { return tools.size(); }
    String names() { StringBuilder b = new StringBuilder(); for (Tool t : tools) b.append(t); return b.toString(); }
}
