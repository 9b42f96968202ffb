interface Cargo { int kilos(); }
class Grain implements Cargo { public int kilos() { return 9; } }
class Oil implements Cargo { public int kilos() { return 7; } }
class Inspector {
    int risk(Cargo c) { if (c instanceof Oil) return 9; return 1; }
    String stamp(Cargo c) { if (c instanceof Grain) return "dry"; else if (c instanceof Oil) return "wet"; return ""; }
}
class Weigher { int weigh(Cargo c) { return c.kilos(); } boolean oil(Cargo c) { return c instanceof Oil; } }
