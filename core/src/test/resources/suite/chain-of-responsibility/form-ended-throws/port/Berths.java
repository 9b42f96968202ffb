package port;
public final class Berths implements Desk {
  private final Desk next;
  public Berths(Desk next) { this.next = next; }
  public String answer(String question) {
    return question.equals("berth") ? "nine" : next.answer(question);
  }
}
