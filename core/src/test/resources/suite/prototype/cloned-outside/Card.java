package aldera;
class Card implements Cloneable {
  String title = ""; int row; boolean urgent;
  void file(int row) { this.row = row; }
  void title(String title) { this.title = title; }
  @Override public Card clone() {
    try { return (Card) super.clone(); } catch (CloneNotSupportedException e) { throw new AssertionError(e); }
  }
}
class Registry { private final Card blank = new Card(); Card fresh() { return blank.clone(); } }
class Hurried {
  Card again(Card card) {
    Card copy = new Card();
    copy.title = card.title;
    copy.row = card.row;
    return copy;
  }
}
