package forge;

public class Smith {
    private final ToolRack rack = new ToolRack();

    public int work(String tool) {
        return rack.take(tool).strike(12);
    }
}
