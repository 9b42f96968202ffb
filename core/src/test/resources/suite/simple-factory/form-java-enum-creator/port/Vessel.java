package port;
public interface Vessel { int draught(); }
