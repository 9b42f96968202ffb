<?php
namespace Aldera\Beacon;
use SplObjectStorage; use SplObserver; use SplSubject;
class Beacon implements SplSubject
{
    private SplObjectStorage $observers;
    private bool $lit = false;
    public function __construct() { $this->observers = new SplObjectStorage(); }
    public function attach(SplObserver $observer): void { $this->observers->attach($observer); }
    public function detach(SplObserver $observer): void { $this->observers->detach($observer); }
    public function notify(): void { foreach ($this->observers as $observer) { $observer->update($this); } }
    public function light(): void { $this->lit = true; $this->notify(); }
    public function isLit(): bool { return $this->lit; }
}
class Keeper implements SplObserver { private int $checks = 0; public function update(SplSubject $subject): void { $this->checks++; } }
class Chart implements SplObserver { private array $lit = []; public function update(SplSubject $subject): void { $this->lit[] = $subject->isLit(); } }
$beacon = new Beacon(); $beacon->attach(new Keeper()); $beacon->attach(new Chart()); $beacon->light();
