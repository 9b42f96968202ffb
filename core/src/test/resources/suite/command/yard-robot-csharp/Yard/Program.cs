using Yard;

var robot = new Robot();
var shift = new Shift();
shift.Plan(new DriveOrder(robot, 3, 1));
shift.Plan(new GripOrder(robot, "ALDU-113"));
shift.Work();
shift.Back();
System.Console.WriteLine(robot.Held);
