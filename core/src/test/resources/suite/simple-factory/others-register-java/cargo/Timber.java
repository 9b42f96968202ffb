package cargo;
public class Timber implements Cargo { public int fee() { return 5; } }
