enum Glow { OFF, DIM, FULL }
class Lamp {
    private Glow glow = Glow.OFF;
    int watts() { switch (glow) { case OFF: return 0; case DIM: return 20; default: return 60; } }
    String name() { switch (glow) { case OFF: return "off"; case DIM: return "dim"; default: return "full"; } }
    void press() { glow = Glow.DIM; }
}
