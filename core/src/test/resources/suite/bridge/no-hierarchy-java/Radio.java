interface Band { int tune(int k); }
class Short implements Band { public int tune(int k) { return k * 3; } }
class Long implements Band { public int tune(int k) { return k / 3; } }
class Radio { private final Band band; Radio(Band b) { band = b; } int hear(int k) { return band.tune(k) + 1; } }
class Cabin { int day() { return new Radio(new Short()).hear(3) + new Radio(new Long()).hear(3); } }
