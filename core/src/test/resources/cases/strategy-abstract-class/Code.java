package gym;
abstract class Plan { abstract int minutes(int week); int rest() { return 2; } }
class Soft extends Plan { int minutes(int week) { return 10 + week; } }
class Hard extends Plan { int minutes(int week) { return 30 * week; } }
class TrainerFactory { private Plan plan; private int week; TrainerFactory(Plan plan) { this.plan = plan; } void change(Plan p) { this.plan = p; } int go() { week++; return plan.minutes(week); } }
class Gym { public static void main(String[] a) { TrainerFactory t = new TrainerFactory(new Soft()); t.go(); t.change(new Hard()); t.go(); } }
