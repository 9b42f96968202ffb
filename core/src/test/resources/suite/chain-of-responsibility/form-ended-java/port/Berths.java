package port;
public final class Berths implements Desk {
  private final Desk next;
  public Berths(Desk next) { this.next = next; }
  public String answer(String question) {
    if (question.equals("berth")) return "nine";
    return next.answer(question);
  }
}
