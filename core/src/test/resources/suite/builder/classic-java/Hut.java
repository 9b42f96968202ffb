class Hut { String walls; String roof; int doors; }
interface HutBuilder { void walls(); void roof(); Hut hut(); }
class StoneHut implements HutBuilder {
    private final Hut hut = new Hut();
    public void walls() { hut.walls = "stone"; }
    public void roof() { hut.roof = "slate"; }
    public Hut hut() { return hut; }
}
class WoodHut implements HutBuilder {
    private final Hut hut = new Hut();
    public void walls() { hut.walls = "board"; }
    public void roof() { hut.roof = "reed"; }
    public Hut hut() { return hut; }
}
class Foreman {
    Hut raise(HutBuilder builder) { builder.walls(); builder.roof(); return builder.hut(); }
}
