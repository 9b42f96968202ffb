using System.Collections;
using System.Collections.Generic;
namespace Aldera.Quay;
public class Quay : IEnumerable<string>
{
    private readonly List<string> berths = new();
    public void Build(string name) => berths.Add(name);
    public IEnumerator<string> GetEnumerator() { foreach (var b in berths) yield return b; }
    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}
public class Walker { public int Count(Quay quay) { var n = 0; foreach (var b in quay) n += b.Length; return n; } }
