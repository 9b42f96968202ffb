<?php
namespace Aldera\Units;
final class Units
{
    public const KNOT = 1.852;
    private static int $rounding = 2;
    private function __construct() {}
    public static function knots(float $kmh): float { return round($kmh / self::KNOT, self::$rounding); }
    public static function kmh(float $knots): float { return round($knots * self::KNOT, self::$rounding); }
}
class Log { public function line(float $kmh): string { return Units::knots($kmh) . ' kn'; } }
