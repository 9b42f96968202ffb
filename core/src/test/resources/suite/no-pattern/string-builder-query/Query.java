package aldera;
class BerthQuery {
  private final StringBuilder text = new StringBuilder("select * from berth where 1=1");
  BerthQuery longerThan(int metres) { text.append(" and metres > ").append(metres); return this; }
  BerthQuery freeOn(String day) { text.append(" and free('").append(day).append("')"); return this; }
  String sql() { return text.toString(); }
}
class Search {
  String week(int metres) { return new BerthQuery().longerThan(metres).freeOn("mon").sql(); }
}
