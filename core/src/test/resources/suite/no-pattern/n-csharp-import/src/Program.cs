using Aldera.Importing;

var ships = new ShipRepository();
IRowSource source = args[0].EndsWith(".csv") ? new CsvSource(args[0]) : new ExcelSource(new ExcelWorkbook());
var importer = new ShipImporter(ships);
Console.WriteLine($"{importer.Run(source)} of {ships.Count}");
