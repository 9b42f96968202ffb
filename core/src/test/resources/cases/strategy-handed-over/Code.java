import java.util.*;
interface Order { boolean before(String a, String b); }
class ByName implements Order { public boolean before(String a, String b) { return a.compareTo(b) < 0; } }
class ByLength implements Order { public boolean before(String a, String b) { return a.length() < b.length(); } }
class Shelf { private final List<String> books = new ArrayList<>(); String first(Order o) { String f = books.get(0); for (String b : books) { if (o.before(b, f)) f = b; } return f; } }
