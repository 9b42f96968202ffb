using System.Collections.Generic;

public sealed class Register
{
    private static readonly Register instance;
    private readonly List<string> ships = new();

    static Register()
    {
        instance = new Register();
    }

    private Register()
    {
    }

    public static Register GetInstance()
    {
        return instance;
    }

    public void Enter(string ship) => ships.Add(ship);
    public int Count => ships.Count;
}

public class Gate
{
    public void In(string ship) => Register.GetInstance().Enter(ship);
}

public class Office
{
    public int Ships => Register.GetInstance().Count;
}
