package plan;

public interface PartVisitor<R> {
    R visitDefault(Part part);

    default R visitQuay(Quay quay) {
        return visitDefault(quay);
    }

    default R visitCrane(Crane crane) {
        return visitDefault(crane);
    }

    default R visitShed(Shed shed) {
        return visitDefault(shed);
    }
}

class Lift implements PartVisitor<Integer> {
    public Integer visitDefault(Part part) {
        return 0;
    }

    @Override
    public Integer visitCrane(Crane crane) {
        return crane.tons();
    }
}

class Labels implements PartVisitor<String> {
    public String visitDefault(Part part) {
        return "part";
    }

    @Override
    public String visitShed(Shed shed) {
        return shed.name();
    }
}

class Main {
    public static void main(String[] args) {
        for (Part part : new Part[]{new Quay(4), new Crane(9), new Shed("salt")}) {
            System.out.println(part.accept(new Labels()) + part.accept(new Lift()));
        }
    }
}
