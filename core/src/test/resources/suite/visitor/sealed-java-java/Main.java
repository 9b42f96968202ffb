package tariff;

import java.util.List;

public class Main {
    public static void main(String[] args) {
        Node node = new Sum(List.of(new Fixed(900), new PerDay(140)));
        System.out.println(node.match(new Text()) + " = " + node.match(new Price(3)));
    }
}
