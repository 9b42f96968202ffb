namespace Aldera.Hoists;

public interface IHoist
{
    void Up(int metres);
    void Down(int metres);
    void Halt();
}

public class SerialCrane
{
    private readonly System.Collections.Generic.List<string> sent = new();

    public void Transmit(byte code, int amount) => sent.Add($"{code}:{amount}");
}

public class SerialHoist : IHoist
{
    private readonly SerialCrane crane;

    public SerialHoist(SerialCrane crane) => this.crane = crane;

    public void Up(int metres) => Send(1, metres);

    public void Down(int metres) => Send(2, metres);

    public void Halt() => Send(0, 0);

    private void Send(byte code, int amount)
    {
        crane.Transmit(code, amount * 100);
    }
}

public class Stevedore
{
    private readonly IHoist hoist;

    public Stevedore(IHoist hoist) => this.hoist = hoist;

    public void Load()
    {
        hoist.Up(4);
        hoist.Down(2);
        hoist.Halt();
    }
}
