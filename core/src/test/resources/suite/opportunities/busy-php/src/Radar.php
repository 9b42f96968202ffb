<?php
namespace Aldera\Radar;
class RadarHub { private array $all = []; public function register(Radar $r): void { $this->all[] = $r; $r->sweep(); } }
class Radar {
    private array $blips = [];
    public function __construct(private RadarHub $hub, string $config) {
        $this->blips = json_decode(file_get_contents($config), true);
        $this->hub->register($this);
    }
    public function sweep(): int { return count($this->blips); }
}
class Pilot { private int $hours; public function __construct(private string $name, int $hours = 0) { $this->hours = max(0, $hours); } public function fly(): void { $this->hours++; } }
$radar = new Radar(new RadarHub(), 'r.json'); $pilot = new Pilot('Ana');
