import java.util.*;
class Flag { private final String code; Flag(String code) { this.code = code; } String code() { return code; } }
class FlagLocker {
    private final Map<String, Flag> flags = new HashMap<>();
    Flag flag(String code) {
        Flag found = flags.get(code);
        if (found == null) { found = new Flag(code); flags.put(code, found); }
        return found;
    }
}
class Mast { String hoist(FlagLocker locker) { return locker.flag("A").code(); } }
