package port;
public final class Tides implements Desk {
  private final Desk next;
  public Tides(Desk next) { this.next = next; }
  public String answer(String question) {
    if (question.equals("tide")) return "low";
    return next.answer(question);
  }
}
