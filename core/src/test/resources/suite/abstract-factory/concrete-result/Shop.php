<?php
namespace Aldera\Shop;

interface Poster { public function text(): string; }
interface Stamp { public function ink(): string; }
class SummerPoster implements Poster { public function text(): string { return 'sun'; } }
class WinterPoster implements Poster { public function text(): string { return 'fog'; } }
class SummerStamp implements Stamp { public function ink(): string { return 'yellow'; } }
class WinterStamp implements Stamp { public function ink(): string { return 'grey'; } }

interface Season {
    public function poster(): Poster;
    public function stamp(): Stamp;
}
class Summer implements Season {
    public function poster(): Poster { return new SummerPoster(); }
    public function stamp(): SummerStamp { return new SummerStamp(); }
}
class Winter implements Season {
    public function poster(): Poster { return new WinterPoster(); }
    public function stamp(): Stamp { return new WinterStamp(); }
}
class Kiosk {
    private ?Season $season = null;
    public function open(Season $season): void { $this->season = $season; }
    public function window(): string { return $this->season->poster()->text() . $this->season->stamp()->ink(); }
}
