using System;
using Aldera.Beacons;

IBeacon one = new Doubled(new Brighter(BeaconShed.Make("port"), 2));
IBeacon two = new FarBeacon("starboard");
foreach (var beacon in new[] { one, two })
{
    Console.WriteLine($"{beacon.Flash()} {beacon.Range}");
}
