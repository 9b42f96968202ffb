using System.Collections.Generic;
namespace Aldera.Rules;
public class Facts { private readonly Dictionary<string, int> all = new(); public int this[string n] { get => all.GetValueOrDefault(n); set => all[n] = value; } }
public interface IRule { int Weigh(Facts facts); }
public class Num : IRule { private readonly int n; public Num(int n) => this.n = n; public int Weigh(Facts facts) => n; }
public class Fact : IRule { private readonly string n; public Fact(string n) => this.n = n; public int Weigh(Facts facts) => facts[n]; }
public class Plus : IRule { private readonly IRule a, b; public Plus(IRule a, IRule b) { this.a = a; this.b = b; } public int Weigh(Facts facts) => a.Weigh(facts) + b.Weigh(facts); }
public class Fresh : IRule { private readonly IRule a; public Fresh(IRule a) => this.a = a; public int Weigh(Facts facts) => a.Weigh(new Facts()) * 2; }
public class Times : IRule { private readonly IRule a, b; public Times(IRule a, IRule b) { this.a = a; this.b = b; } public int Weigh(Facts facts) => throw new System.NotImplementedException(); }
public static class Use { public static int Go() => new Plus(new Num(3), new Fresh(new Fact("x"))).Weigh(new Facts()); }
