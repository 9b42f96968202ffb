package names; import java.util.*;
class UserFactory { private final List<String> users = new ArrayList<>(); void create(String n) { users.add(n); } int count() { return users.size(); } }
interface PaymentStrategy { int pay(int c); }
class CardStrategy implements PaymentStrategy { public int pay(int c) { return c; } }
class Cashier { PaymentStrategy s; Cashier(PaymentStrategy s) { this.s = s; } int pay() { return s.pay(3); } }
class ButtonAdapter { void click() { } }
class EventObserver { void update(String s) { System.out.println(s); } }
class ReportVisitor { int visit(String s) { return s.length(); } }
