package adventure;

class Fresh extends Mood {
    private int steps;

    Fresh(Hero hero) {
        super(hero);
    }

    @Override
    void walk(Direction direction) {
        hero.enter(direction);
        if (++steps > 3) {
            hero.feel(new Tired(hero));
        }
    }

    @Override
    void rest() {
        System.out.println("no need to rest");
    }

    @Override
    String describe() {
        return "fresh after " + steps + " steps";
    }
}
