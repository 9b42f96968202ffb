using System; using System.Linq; using System.Collections.Generic; using System.Collections.Concurrent; using System.Threading.Tasks;
public interface IJob { void Run(); int Weight { get; } }
public record Holder(IJob? Job, List<IJob> List);
public class Quay {
  private readonly List<IJob> jobs = new();
  private IJob? one;
  private readonly Dictionary<string, IJob> byName = new();
  private readonly Dictionary<string, List<IJob>> lists = new();
  private readonly List<(string Name, IJob Job)> pairs = new();
  private readonly Queue<IJob> queue = new();
  private readonly ConcurrentQueue<IJob> cq = new();
  private readonly Lazy<IJob> late;
  private readonly WeakReference<IJob> soft;
  private readonly Holder holder;
  private IJob[] array = Array.Empty<IJob>();
  private Func<int, IJob> fn;
  public IJob Current { get; private set; }
  void A1() { one?.Run(); }
  void A2() { if (one != null) one.Run(); }
  void A3() { if (one is not null) { one.Run(); } }
  void A4() { if (one is { } job) job.Run(); }
  void A5() { one!.Run(); }
  void A6() { var job = one ?? throw new Exception(); job.Run(); }
  void A7() { (one ?? jobs[0]).Run(); }
  void A8() { jobs.FirstOrDefault()?.Run(); }
  void A9() { jobs.First(j => j.Weight > 3).Run(); }
  void B1() { jobs.Where(j => j.Weight > 3).ToList().ForEach(j => j.Run()); }
  void B2() { foreach (var j in jobs.OrderBy(x => x.Weight)) j.Run(); }
  void B3() { foreach (var (name, job) in byName) job.Run(); }
  void B4() { foreach (var kv in byName) kv.Value.Run(); }
  void B5() { foreach (KeyValuePair<string, IJob> kv in byName) { kv.Value.Run(); } }
  void B6() { foreach (IJob j in byName.Values) j.Run(); }
  void B7() { byName["x"].Run(); }
  void B8() { if (byName.TryGetValue("x", out var job)) job.Run(); }
  void B9() { IJob job; if (byName.TryGetValue("x", out job)) job.Run(); }
  void C1() { if (lists.TryGetValue("x", out var list)) foreach (var j in list) j.Run(); }
  void C2() { foreach (var j in lists.Values.SelectMany(l => l)) j.Run(); }
  void C3() { foreach (var (_, job) in pairs) job.Run(); }
  void C4() { pairs.ForEach(p => p.Job.Run()); }
  void C5() { foreach (var p in pairs) p.Item2.Run(); }
  void C6() { while (queue.Count > 0) queue.Dequeue().Run(); }
  void C7() { while (queue.TryDequeue(out var job)) job.Run(); }
  void C8() { while (cq.TryDequeue(out IJob? job)) { job.Run(); } }
  void C9() { late.Value.Run(); }
  void D1() { if (soft.TryGetTarget(out var job)) job.Run(); }
  void D2() { holder.Job?.Run(); }
  void D3() { var (job, list) = holder; job?.Run(); }
  void D4() { Array.ForEach(array, j => j.Run()); }
  void D5() { for (var i = 0; i < array.Length; i++) array[i].Run(); }
  void D6() { Current.Run(); }
  void D7() { fn(3).Run(); }
  void D8() { Parallel.ForEach(jobs, j => j.Run()); }
  void D9() { jobs.AsParallel().ForAll(j => j.Run()); }
  void E1() { jobs[^1].Run(); }
  void E2() { foreach (var j in jobs.ToArray()) j.Run(); }
  void E3() { foreach (var j in jobs.Take(3).Reverse()) j.Run(); }
  void E5() { var job = jobs.Find(j => j.Weight > 2); job.Run(); }
  void E6() { switch (one) { case null: break; case var j: j.Run(); break; } }
  void E7() { byName.GetValueOrDefault("x")?.Run(); }
  void E8() { foreach (var j in jobs.OfType<IJob>()) j.Run(); }
  void E9() { jobs.Aggregate((a, b) => a.Weight > b.Weight ? a : b).Run(); }
  void F1() { jobs.MaxBy(j => j.Weight)!.Run(); }
  void F2() { var list = jobs; foreach (var j in list) j.Run(); }
  void F3() { IReadOnlyList<IJob> list = jobs; foreach (var j in list) j.Run(); }
  void F4() { using var e = jobs.GetEnumerator(); while (e.MoveNext()) e.Current.Run(); }
  void F5() { foreach (var (j, i) in jobs.Select((j, i) => (j, i))) j.Run(); }
  async Task F6() { await Task.Run(() => one!.Run()); }
  void F7() { lock (jobs) { foreach (var j in jobs) j.Run(); } }
  IJob Pick() => jobs[0];
  void F9() { this.one?.Run(); }
  void Go(IJob j) => j.Run();
}
