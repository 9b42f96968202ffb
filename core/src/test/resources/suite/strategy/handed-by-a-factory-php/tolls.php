<?php
enum Freight: string {
    case Bulk = 'bulk';
    case Box = 'box';
    public function toll(): Toll {
        return match ($this) { self::Bulk => new PerTon(1.2), self::Box => new Fixed(4.0) };
    }
}
interface Toll { public function of(float $tons): float; }
class Fixed implements Toll {
    public function __construct(private float $price) {}
    public function of(float $tons): float { return $this->price; }
}
class PerTon implements Toll {
    public function __construct(private float $price) {}
    public function of(float $tons): float { return $this->price * $tons; }
}
class Noted implements Toll {
    public function __construct(private Toll $inner, private \Closure $note) {}
    public function of(float $tons): float {
        $due = $this->inner->of($tons);
        ($this->note)("$due");
        return $due;
    }
}
class Gate {
    private float $sum = 0;
    public function __construct(private Toll $toll) {}
    public function charge(Toll $toll): void { $this->toll = $toll; }
    public function pass(float $tons): void { $this->sum += $this->toll->of($tons); }
}
$gate = new Gate(Freight::from('bulk')->toll());
$gate->pass(3);
$gate->charge(new Noted(Freight::Box->toll(), error_log(...)));
