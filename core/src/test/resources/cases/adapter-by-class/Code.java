package ferry;
interface Timetable { String next(int minute); int count(); }
class OldBook { protected int[] leaves = {10, 40}; int leavingAfter(int m) { for (int l : leaves) if (l > m) return l; return -1; } int entries() { return leaves.length; } }
class BookSingleton extends OldBook implements Timetable { public String next(int minute) { return "at " + leavingAfter(minute); } public int count() { return entries(); } }
class Pier { String board(Timetable t) { return t.next(5) + t.count(); } public static void main(String[] a) { new Pier().board(new BookSingleton()); } }
