using Aldera.Weather;

var station = new Station();
station.Mount(new ThermometerSensor(new OldThermometer()));
station.Mount(new FixedSensor { Celsius = 4 });
var display = new Display();
display.Attach(station);
var alarm = new Alarm(station);
station.Poll();
display.Detach(station);
System.Console.WriteLine(alarm.Ringing);
