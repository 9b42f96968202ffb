<?php

final class Letter
{
    public function __construct(
        public readonly string $to,
        public readonly array $lines,
        public readonly ?string $seal,
    ) {}
}

final class LetterBuilder
{
    private string $to = '';
    private array $lines = [];
    private ?string $seal = null;

    public function to(string $to): static
    {
        $this->to = $to;
        return $this;
    }

    public function line(string $line): static
    {
        $this->lines[] = $line;
        return $this;
    }

    public function sealed(string $seal): static
    {
        $this->seal = $seal;
        return $this;
    }

    public function build(): Letter
    {
        if ($this->to === '') {
            throw new LogicException('nobody to send it to');
        }
        return new Letter($this->to, $this->lines, $this->seal);
    }
}

$letter = (new LetterBuilder())->to('master')->line('welcome')->sealed('port')->build();
