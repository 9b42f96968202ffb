import java.util.*;
interface Job { void go(int n); }
class Bench { private final Deque<Job> jobs = new ArrayDeque<>(); int done;
  void add(Job j) { jobs.add(j); } void remove(Job j) { jobs.remove(j); }
  void work() { while (!jobs.isEmpty()) { done++; jobs.poll().go(done); } } }
class Sweep implements Job { int a; public void go(int n) { a = n; } }
