<?php
namespace Aldera\Weather;
interface Forecast { public function wind(int $hour): float; public function rain(int $hour): bool; }
class LegacyMet { private array $rows = []; public function load(string $file): void { $this->rows = file($file); } public function beaufort(int $index): int { return (int) ($this->rows[$index] ?? 0); } public function code(int $index): string { return 'R'; } }
class MetForecast implements Forecast
{
    private LegacyMet $met;
    public function __construct() { $this->met = new LegacyMet(); $this->met->load('met.txt'); }
    public function wind(int $hour): float { return $this->met->beaufort($hour) * 3.0; }
    public function rain(int $hour): bool { return $this->met->code($hour) === 'R'; }
}
class Harbour { public function __construct(private MetForecast $forecast) {} public function open(int $hour): bool { return $this->forecast->wind($hour) < 30; } }
class School { public function __construct(private Forecast $forecast) {} public function inside(int $hour): bool { return $this->forecast->rain($hour); } }
$f = new MetForecast(); (new Harbour($f))->open(3); (new School($f))->inside(3);
