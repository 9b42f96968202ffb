<?php
namespace Aldera;

class Voyage
{
    /** @var string[] */
    private array $calls;
    private string $ship;
    private ?int $crew;

    public function __construct(string $ship, array $calls, ?int $crew)
    {
        $this->ship = $ship;
        $this->calls = $calls;
        $this->crew = $crew;
    }

    public function legs(): int
    {
        return count($this->calls) - 1;
    }
}

class VoyagePlanner
{
    private string $ship = '';
    private array $calls = [];
    private ?int $crew = null;

    public function with(string $ship): self
    {
        $this->ship = $ship;
        return $this;
    }

    public function via(string $harbour): static
    {
        $this->calls[] = $harbour;
        return $this;
    }

    public function crewOf(int $crew): void
    {
        $this->crew = $crew;
    }

    public function plan(): Voyage
    {
        if ($this->ship === '') {
            throw new \LogicException('a voyage needs a ship');
        }
        return new Voyage($this->ship, $this->calls, $this->crew);
    }
}
