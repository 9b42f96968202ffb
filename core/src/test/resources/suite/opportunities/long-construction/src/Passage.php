<?php
namespace Aldera\Ferry;

class Passage
{
    private $legs = [];

    public function __construct(
        private string $from,
        private string $to,
        private int $adults,
        private int $children,
        private bool $car,
        private ?string $cabin,
        private bool $insurance,
    ) {
    }

    public function addLeg(string $leg): void
    {
        $this->legs[] = $leg;
    }

    public function price(): int
    {
        return ($this->adults * 4000 + $this->children * 2000) + ($this->car ? 9000 : 0) + ($this->cabin ? 5000 : 0);
    }
}
