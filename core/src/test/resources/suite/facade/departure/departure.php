<?php
namespace Aldera\Departure;
final class Customs { public function cleared(string $ship): bool { return $ship !== ''; } public function stamp(string $ship): void { echo $ship; } }
final class Bunker { private array $fuel = []; public function fill(string $ship, int $tons): int { return $this->fuel[$ship] = $tons; } }
final class PilotRota { public function next(): string { return 'Ana'; } public function book(string $pilot, string $ship): void { echo "$pilot $ship"; } }
final class Locks { public function reserve(string $ship, int $hour): bool { return $hour > 5; } }

final class DepartureDesk
{
    public function __construct(
        private Customs $customs,
        private Bunker $bunker,
        private PilotRota $rota,
        private Locks $locks,
    ) {}

    public function depart(string $ship, int $hour): bool
    {
        if (!$this->customs->cleared($ship)) {
            return false;
        }
        $this->customs->stamp($ship);
        $this->bunker->fill($ship, 40);
        $this->rota->book($this->rota->next(), $ship);
        return $this->locks->reserve($ship, $hour);
    }

    public function shortTrip(string $ship): void
    {
        $this->bunker->fill($ship, 5);
        $this->rota->book($this->rota->next(), $ship);
    }
}

final class Captain
{
    public function __construct(private DepartureDesk $desk) {}
    public function leave(): string { return $this->desk->depart('Marola', 7) ? 'gone' : 'waiting'; }
}
