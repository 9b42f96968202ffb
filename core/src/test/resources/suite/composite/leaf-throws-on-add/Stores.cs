using System;
using System.Collections.Generic;
using System.Linq;

namespace Aldera.Stores;

public abstract class Holding
{
    public abstract decimal Worth();
    public abstract void Put(Holding inner);
}

public class Coil : Holding
{
    private readonly decimal _price;
    public Coil(decimal price) { _price = price; }
    public override decimal Worth() => _price;
    public override void Put(Holding inner) => throw new NotSupportedException("a coil holds nothing");
}

public class Locker : Holding
{
    private readonly List<Holding> _inside = new();
    public override decimal Worth() => _inside.Sum(i => i.Worth());
    public override void Put(Holding inner) => _inside.Add(inner);
}

public class Stocktaking
{
    public decimal Count(Holding all)
    {
        if (all is Locker locker)
        {
            return locker.Worth() + 1;
        }
        return all.Worth();
    }
}
