using System.Collections.Generic;
public interface IJob { void Run(); int Weight { get; } }
public record Holder(IJob Job, int N);
public class Slot { public IJob Job { get; set; } public Holder Inner { get; set; } }
public class Quay {
  private object any; private Holder holder; private Slot slot;
  void A1() { if (any is Holder(var job, _)) job.Run(); }
  void A2() { if (any is Slot { Job: var job }) job.Run(); }
  void A3() { if (slot is { Job: { } job }) job.Run(); }
  void A4() { switch (any) { case Slot { Job: var job }: job.Run(); break; } }
  void A5() { if (slot is { Inner.Job: var job }) job.Run(); }
  void A6() { if (slot is { Inner: { Job: var job } }) job.Run(); }
  void A8() { var (job, n) = holder; job.Run(); }
  void A9() { if (holder is { Job: IJob job, N: > 3 }) job.Run(); }
  void B1() { switch (slot?.Job) { case null: break; case var j: j.Run(); break; } }
}
