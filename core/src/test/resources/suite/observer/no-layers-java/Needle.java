final class Needle implements Layer {
    public void paint(Dial dial, StringBuilder on) { on.append("needle").append(dial.value()); }
    public int height() { return 1; }
    public String name() { return "needle"; }
}
