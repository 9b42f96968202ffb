<?php
namespace Aldera\Mail;

interface Postman { public function bring(string $letter): void; public function tired(): bool; }

class BicyclePostman implements Postman
{
    private int $letters = 0;
    public function bring(string $letter): void { $this->letters++; }
    public function tired(): bool { return $this->letters > 100; }
}

class VanPostman implements Postman
{
    private array $load = [];
    public function bring(string $letter): void { $this->load[] = $letter; }
    public function tired(): bool { return count($this->load) > 900; }
}

class Office
{
    private BicyclePostman $town;
    private VanPostman $country;

    public function __construct(BicyclePostman $town, VanPostman $country)
    {
        $this->town = $town;
        $this->country = $country;
    }

    public function send(string $letter, bool $far): void
    {
        if ($far) {
            $this->country->bring($letter);
        } else {
            $this->town->bring($letter);
        }
    }
}
