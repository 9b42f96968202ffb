using Wharf;

var machine = new TicketMachine(2);
machine.Insert();
machine.Turn();
