package cargo;
public interface Cargo { int fee(); }
