package cargo;
public class Grain implements Cargo { public int fee() { return 3; } }
