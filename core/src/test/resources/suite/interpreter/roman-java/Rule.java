package door;

public interface Rule {
    boolean allows(Visit visit);
}
