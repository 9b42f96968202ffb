<?php
namespace Port;
final class Moment
{
    public function __construct(private array $state) {}
    public function state(): array { return $this->state; }
}
final class Plan
{
    private string $berth = '';
    private array $stops = [];
    public function move(string $to): void { $this->berth = $to; $this->stops[] = $to; }
    public function save(): Moment { return new Moment(get_object_vars($this)); }
    public function restore(Moment $m): void
    {
        foreach ($m->state() as $name => $value) {
            $this->$name = $value;
        }
    }
}
final class Log
{
    /** @var Moment[] */
    private array $past = [];
    public function __construct(private Plan $plan) {}
    public function note(): void { $this->past[] = $this->plan->save(); }
    public function undo(): void { if ($m = array_pop($this->past)) { $this->plan->restore($m); } }
}
