using System;
using System.Collections.Generic;

public abstract class Command
{
    public abstract void Execute();
    public abstract void UnExecute();
}

public class CalculatorCommand : Command
{
    char @operator;
    int operand;
    Calculator calculator;

    public CalculatorCommand(Calculator calculator, char @operator, int operand)
    {
        this.calculator = calculator;
        this.@operator = @operator;
        this.operand = operand;
    }

    public override void Execute()
    {
        calculator.Operation(@operator, operand);
    }

    public override void UnExecute()
    {
        calculator.Operation(Undo(@operator), operand);
    }

    private char Undo(char @operator)
    {
        switch (@operator)
        {
            case '+': return '-';
            case '-': return '+';
            default: throw new ArgumentException("@operator");
        }
    }
}

public class Calculator
{
    int curr = 0;

    public void Operation(char @operator, int operand)
    {
        switch (@operator)
        {
            case '+': curr += operand; break;
            case '-': curr -= operand; break;
        }
        Console.WriteLine("Current value = {0,3}", curr);
    }
}

public class User
{
    Calculator calculator = new Calculator();
    List<Command> commands = new List<Command>();
    int current = 0;

    public void Redo(int levels)
    {
        for (int i = 0; i < levels; i++)
        {
            if (current < commands.Count - 1)
            {
                Command command = commands[current++];
                command.Execute();
            }
        }
    }

    public void Undo(int levels)
    {
        for (int i = 0; i < levels; i++)
        {
            if (current > 0)
            {
                Command command = commands[--current] as Command;
                command.UnExecute();
            }
        }
    }

    public void Compute(char @operator, int operand)
    {
        Command command = new CalculatorCommand(calculator, @operator, operand);
        command.Execute();
        commands.Add(command);
        current++;
    }
}
