using System;

namespace Rooms;

public interface IChair { int Legs(); }
public interface ITable { int Seats(); }

public sealed class OakChair : IChair { public int Legs() => 4; }
public sealed class OakTable : ITable { public int Seats() => 6; }
public sealed class SteelChair : IChair { public int Legs() => 3; }

public interface IFurnitureMaker
{
    IChair Chair();
    ITable Table();
}

public sealed class OakMaker : IFurnitureMaker
{
    public IChair Chair() => new OakChair();
    public ITable Table() => new OakTable();
}

public sealed class SteelMaker : IFurnitureMaker
{
    public IChair Chair() => new SteelChair();
    public ITable Table() => throw new NotSupportedException("no steel tables");
}

public sealed class DiningRoom
{
    private readonly IFurnitureMaker _maker;
    public DiningRoom(IFurnitureMaker maker) => _maker = maker;

    public int Furnish()
    {
        int legs = 0;
        for (int i = 0; i < _maker.Table().Seats(); i++) legs += _maker.Chair().Legs();
        return legs;
    }
}
