interface Report { String head(); String body(); }
class Clock { int hour() { return 9; } }
class Ledger { long sum() { return 4; } }
class Daily implements Report { final Clock clock; final Ledger ledger; Daily(Clock c, Ledger l) { clock = c; ledger = l; }
  public String head() { return "at " + clock.hour(); } public String body() { return ledger.sum() + " at " + clock.hour(); } }
class Press { String print(Report r) { return r.head() + r.body(); } }
