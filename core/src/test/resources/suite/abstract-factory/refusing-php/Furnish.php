<?php
interface Desk { public function drawers(): int; }
interface Lamp { public function watts(): int; }
class OakDesk implements Desk { public function drawers(): int { return 4; } }
class SteelDesk implements Desk { public function drawers(): int { return 2; } }
class GreenLamp implements Lamp { public function watts(): int { return 40; } }

interface OfficeSet
{
    public function desk(): Desk;
    public function lamp(): Lamp;
}

class MasterSet implements OfficeSet
{
    public function desk(): Desk { return new OakDesk(); }
    public function lamp(): Lamp { return new GreenLamp(); }
}

class ClerkSet implements OfficeSet
{
    public function desk(): Desk { return new SteelDesk(); }
    public function lamp(): Lamp { return new GreenLamp(); }
}

class Furnisher
{
    private ?OfficeSet $set = null;

    public function choose(OfficeSet $set): void
    {
        $this->set = $set;
    }

    public function furnish(): int
    {
        return $this->set->desk()->drawers() + $this->set->lamp()->watts();
    }
}

$furnisher = new Furnisher();
$furnisher->choose(count($argv) > 1 ? new MasterSet() : new ClerkSet());
echo $furnisher->furnish();
