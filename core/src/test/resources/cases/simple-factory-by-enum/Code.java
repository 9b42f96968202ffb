package zoo;
enum Kind { CAT, DOG, FISH }
interface Pet { String says(); }
class Cat implements Pet { public String says() { return "miau"; } }
class Dog implements Pet { public String says() { return "wau"; } }
class Fish implements Pet { public String says() { return ""; } }
class Keeper { static Pet bring(Kind k) { return switch (k) { case CAT -> new Cat(); case DOG -> new Dog(); case FISH -> new Fish(); }; } }
class Visit { String hear() { Pet p = Keeper.bring(Kind.DOG); return p.says(); } }
