abstract class Coin { abstract int value();
  static Coin of(int cents) { if (cents > 50) { return new Silver(); } return new Copper(); } }
class Silver extends Coin { int value() { return 100; } }
class Copper extends Coin { int value() { return 1; } }
class Purse { int sum() { return Coin.of(3).value() + Coin.of(99).value(); } }
