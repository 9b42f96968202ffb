public interface Vessel { double load(); }
