final class Scale implements Layer {
    public void paint(Dial dial, StringBuilder on) { on.append("scale").append(dial.value()); }
    public int height() { return 3; }
    public String name() { return "scale"; }
}
