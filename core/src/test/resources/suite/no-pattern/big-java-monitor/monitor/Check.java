package aldera.monitor;
import java.time.*;
import java.util.*;
import java.util.concurrent.*;
public interface Check { Result run(); default String name() { return getClass().getSimpleName(); } }
record Result(boolean ok, String text) { static Result ok() { return new Result(true, ""); } static Result failed(String text) { return new Result(false, text); } }
class DiskCheck implements Check { private final long least; DiskCheck(long least) { this.least = least; } public Result run() { long free = new java.io.File("/").getFreeSpace(); return free > least ? Result.ok() : Result.failed(free + " left"); } }
class PortCheck implements Check { private final String host; private final int port; PortCheck(String host, int port) { this.host = host; this.port = port; } public Result run() { try (var s = new java.net.Socket(host, port)) { return Result.ok(); } catch (java.io.IOException e) { return Result.failed(e.getMessage()); } } @Override public String name() { return host + ":" + port; } }
class RetriedCheck implements Check { private final Check check; private final int times; RetriedCheck(Check check, int times) { this.check = check; this.times = times; } public Result run() { Result last = Result.failed("never run"); for (int i = 0; i < times && !last.ok(); i++) last = check.run(); return last; } @Override public String name() { return check.name(); } }
interface Alarm { void raise(String check, String text); }
class MailAlarm implements Alarm { private final String to; MailAlarm(String to) { this.to = to; } public void raise(String check, String text) { System.out.println(to + ": " + check + " " + text); } }
class LogAlarm implements Alarm { private final List<String> lines = new ArrayList<>(); public void raise(String check, String text) { lines.add(check + " " + text); } }
class Monitor {
  private final List<Check> checks = new ArrayList<>(); private final List<Alarm> alarms = new CopyOnWriteArrayList<>(); private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor();
  Monitor add(Check check) { checks.add(check); return this; }
  void alarm(Alarm alarm) { alarms.add(alarm); }
  void silence(Alarm alarm) { alarms.remove(alarm); }
  void start(Duration every) { timer.scheduleAtFixedRate(this::round, 0, every.toSeconds(), TimeUnit.SECONDS); }
  void round() { for (Check check : checks) { Result result = check.run(); if (!result.ok()) for (Alarm alarm : alarms) alarm.raise(check.name(), result.text()); } }
  public static void main(String[] args) { Monitor m = new Monitor().add(new DiskCheck(9)).add(new RetriedCheck(new PortCheck("quay", 80), 3)); m.alarm(new MailAlarm("ana")); m.alarm(new LogAlarm()); m.start(Duration.ofMinutes(1)); }
}
