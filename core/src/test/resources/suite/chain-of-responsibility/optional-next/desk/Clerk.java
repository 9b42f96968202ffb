package desk;

import java.util.Optional;

public abstract class Clerk {
    private Optional<Clerk> next = Optional.empty();

    public Clerk before(Clerk other) {
        next = Optional.of(other);
        return other;
    }

    public String ask(int tons) {
        if (knows(tons)) {
            return answer(tons);
        }
        return next.map(clerk -> clerk.ask(tons)).orElse("nobody knows");
    }

    protected abstract boolean knows(int tons);

    protected abstract String answer(int tons);
}

class Junior extends Clerk {
    protected boolean knows(int tons) {
        return tons < 10;
    }

    protected String answer(int tons) {
        return "small";
    }
}

class Senior extends Clerk {
    protected boolean knows(int tons) {
        return tons < 900;
    }

    protected String answer(int tons) {
        return "large";
    }
}

class Main {
    public static void main(String[] args) {
        Clerk first = new Junior();
        first.before(new Senior());
        System.out.println(first.ask(40));
    }
}
