namespace Wharf;

public interface IMachineState
{
    void Insert();
    void Turn();
    void Give();
}

public class TicketMachine
{
    public IMachineState Idle { get; }
    public IMachineState Paid { get; }
    public IMachineState Printing { get; }
    public IMachineState Empty { get; }

    private IMachineState state;

    public int Tickets { get; private set; }

    public TicketMachine(int tickets)
    {
        Idle = new IdleState(this);
        Paid = new PaidState(this);
        Printing = new PrintingState(this);
        Empty = new EmptyState();
        Tickets = tickets;
        state = tickets > 0 ? Idle : Empty;
    }

    public void Insert() => state.Insert();

    public void Turn()
    {
        state.Turn();
        state.Give();
    }

    internal void Change(IMachineState next) => state = next;

    internal void Release() => Tickets--;
}

public class IdleState : IMachineState
{
    private readonly TicketMachine machine;
    public IdleState(TicketMachine machine) => this.machine = machine;
    public void Insert() => machine.Change(machine.Paid);
    public void Turn() => Console.WriteLine("pay first");
    public void Give() { }
}

public class PaidState : IMachineState
{
    private readonly TicketMachine machine;
    public PaidState(TicketMachine machine) => this.machine = machine;
    public void Insert() => Console.WriteLine("paid already");
    public void Turn() => machine.Change(machine.Printing);
    public void Give() { }
}

public class PrintingState : IMachineState
{
    private readonly TicketMachine machine;
    public PrintingState(TicketMachine machine) => this.machine = machine;
    public void Insert() => Console.WriteLine("wait");
    public void Turn() => Console.WriteLine("wait");

    public void Give()
    {
        machine.Release();
        machine.Change(machine.Tickets > 0 ? machine.Idle : machine.Empty);
    }
}

public class EmptyState : IMachineState
{
    public void Insert() => Console.WriteLine("sold out");
    public void Turn() => Console.WriteLine("sold out");
    public void Give() { }
}
