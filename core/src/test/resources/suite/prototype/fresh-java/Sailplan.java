import java.util.*;
class Sailplan {
    private int reefs; private List<String> sails = new ArrayList<>();
    void reef() { reefs++; }
    void set(String s) { sails.add(s); }
    Sailplan copy() {
        Sailplan made = new Sailplan();
        made.reefs = reefs;
        made.sails = new ArrayList<>(sails);
        return made;
    }
}
class Captain { Sailplan tomorrow(Sailplan today) { return today.copy(); } }
