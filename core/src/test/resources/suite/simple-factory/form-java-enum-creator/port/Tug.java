package port;
public final class Tug implements Vessel { public int draught() { return 3; } }
