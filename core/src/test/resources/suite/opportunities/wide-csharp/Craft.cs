using System;
using System.Collections.Generic;
namespace Aldera.Craft;
public interface ICraft { void Sail(); void Motor(); void Dive(int metres); void Moor(); }
public class Yacht : ICraft { private int n; public void Sail() { n++; } public void Motor() { n += 2; } public void Dive(int metres) { throw new NotSupportedException(); } public void Moor() { n = 0; } }
public class Submarine : ICraft { private int depth; public void Sail() { throw new NotSupportedException("no sails"); } public void Motor() { depth++; } public void Dive(int metres) { depth += metres; } public void Moor() { depth = 0; } }
public class Fleet { private readonly List<ICraft> all = new() { new Yacht(), new Submarine() }; public void Evening() { foreach (var c in all) c.Moor(); } }
