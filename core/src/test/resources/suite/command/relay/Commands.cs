using System;
using System.Collections.Generic;

public interface ICommand
{
    bool CanExecute { get; }
    void Execute();
}

public sealed class RelayCommand : ICommand
{
    private readonly Action execute;
    private readonly Func<bool> canExecute;

    public RelayCommand(Action execute, Func<bool>? canExecute = null)
    {
        this.execute = execute;
        this.canExecute = canExecute ?? (() => true);
    }

    public bool CanExecute => canExecute();
    public void Execute() => execute();
}

public sealed class OpenGate : ICommand
{
    private readonly Gate gate;
    public OpenGate(Gate gate) => this.gate = gate;
    public bool CanExecute => !gate.IsOpen;
    public void Execute() => gate.Open();
}

public class Gate
{
    public bool IsOpen { get; private set; }
    public void Open() => IsOpen = true;
    public void Close() => IsOpen = false;
}

public class Panel
{
    private readonly Dictionary<string, ICommand> buttons = new();
    public void Bind(string name, ICommand command) => buttons[name] = command;
    public void Press(string name)
    {
        var command = buttons[name];
        if (command.CanExecute) command.Execute();
    }
}

public static class Program
{
    public static void Main()
    {
        var gate = new Gate();
        var panel = new Panel();
        panel.Bind("open", new OpenGate(gate));
        panel.Bind("close", new RelayCommand(gate.Close, () => gate.IsOpen));
        panel.Press("open");
    }
}
