package aldera;
import java.io.Serializable;
import java.util.*;
public final class FlagRegistry implements Serializable {
  private static final FlagRegistry INSTANCE = new FlagRegistry();
  private final Map<String, String> flags = new HashMap<>();
  private FlagRegistry() {}
  public static FlagRegistry getInstance() { return INSTANCE; }
  public void hoist(String ship, String flag) { flags.put(ship, flag); }
}
class Mast { void up(String ship) { FlagRegistry.getInstance().hoist(ship, "blue"); } }
