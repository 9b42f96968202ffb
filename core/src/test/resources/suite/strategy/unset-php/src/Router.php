<?php
namespace Aldera\Route;
interface RouteChoice { public function pick(array $legs): string; }
class Shortest implements RouteChoice { public function pick(array $legs): string { sort($legs); return $legs[0]; } }
class Safest implements RouteChoice { public function pick(array $legs): string { return end($legs); } }
class Router
{
    private ?RouteChoice $choice = null;
    private Shortest $fallback;
    public function __construct() { $this->fallback = new Shortest(); }
    public function choose(RouteChoice $choice): void { $this->choice = $choice; }
    public function route(array $legs): string
    {
        if ($this->choice instanceof Safest) { $legs[] = 'coast'; }
        return $this->choice->pick($legs);
    }
    public function quick(array $legs): string { return $this->fallback->pick($legs); }
}
$r = new Router(); $r->choose(new Safest()); $r->route(['a']); $r->choose(new Shortest());
