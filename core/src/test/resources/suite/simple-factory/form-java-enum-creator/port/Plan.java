package port;
import java.util.function.Supplier;
public enum Plan {
  TUG(Tug::new), FERRY(Ferry::new);
  private final Supplier<Vessel> making;
  Plan(Supplier<Vessel> making) { this.making = making; }
  public static Vessel build(String name) { return valueOf(name).making.get(); }
}
