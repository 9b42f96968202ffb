package port;
public final class Ferry implements Vessel { public int draught() { return 5; } }
