package harbour;

public class Desk {
    public String write() {
        return Voyage.plan().from("Aldera").to("Vik").pilots(1).build().text();
    }
}
