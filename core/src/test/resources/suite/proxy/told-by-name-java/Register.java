package aldera;
import java.util.*;
interface Register { String berthOf(String ship); void enter(String ship, String berth); }
class PaperRegister implements Register {
    private final Map<String, String> berths = new HashMap<>();
    public String berthOf(String ship) { return berths.get(ship); }
    public void enter(String ship, String berth) { berths.put(ship, berth); }
}
class Line { Object send(String name, Object... told) { return null; } }
class RegisterStub implements Register {
    private final Line line;
    RegisterStub(Line line) { this.line = line; }
    @Override public String berthOf(String ship) { return (String) line.send("berthOf", ship); }
    @Override public void enter(String ship, String berth) { line.send("enter", ship, berth); }
}
class Office { private final Register register; Office(Register r) { register = r; } String find(String s) { return register.berthOf(s); } }
