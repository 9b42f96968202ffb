package harbour;

import java.util.List;

public class Main {
    public static void main(String[] arguments) {
        Gate gate = new Gate(name -> name.length() > 3);
        System.out.println(gate.admitted(List.of("Aurora")));
        gate.use(name -> !name.startsWith("Q"));
        System.out.println(gate.admitted(List.of("Quail")));
    }
}
