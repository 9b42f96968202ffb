enum PortClock {
    INSTANCE;
    private int ticks;
    void tick() { ticks++; }
}
class Bell { void ring() { PortClock.INSTANCE.tick(); } }
