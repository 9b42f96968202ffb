<?php
namespace Aldera\Alarm;

interface AlarmListener { public function raised(string $zone): void; }
class Siren implements AlarmListener {
    private int $count = 0;
    public function raised(string $zone): void { $this->count++; }
}
class Lamp implements AlarmListener {
    private bool $on = false;
    public function raised(string $zone): void { $this->on = true; }
}
class AlarmPanel {
    /** @var AlarmListener[] */
    private array $listeners = [];
    private string $zone = '';

    public function connect(AlarmListener $listener): void { $this->listeners[] = $listener; }

    public function trip(string $zone): void {
        $this->zone = $zone;
        foreach ($this->listeners as $listener) {
            if ($zone === 'quay') { continue; }
            $listener->raised($this->zone);
        }
    }

    public function silence(): void { $this->zone = ''; }

    public function equip(): void { $this->connect(new Siren()); $this->connect(new Lamp()); }
}
