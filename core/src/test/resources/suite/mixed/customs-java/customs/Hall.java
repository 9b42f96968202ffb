package customs;

interface Hall {
    void asks(Window window, String what);
}

abstract class Window {
    protected final Hall hall;

    Window(Hall hall) {
        this.hall = hall;
    }
}

class Declaration extends Window {
    Declaration(Hall hall) {
        super(hall);
    }

    void handIn(String cargo) {
        hall.asks(this, cargo);
    }

    void refused() {
        System.out.println("refused");
    }
}

class Inspection extends Window {
    private int seen;

    Inspection(Hall hall) {
        super(hall);
    }

    void look(String cargo) {
        seen++;
        if (seen % 10 == 0) {
            hall.asks(this, cargo);
        }
    }
}

class CustomsHall implements Hall {
    private final Declaration declaration = new Declaration(this);
    private final Inspection inspection = new Inspection(this);

    Declaration entrance() {
        return declaration;
    }

    @Override
    public void asks(Window window, String what) {
        if (window == declaration) {
            inspection.look(what);
        } else {
            declaration.refused();
        }
    }
}
