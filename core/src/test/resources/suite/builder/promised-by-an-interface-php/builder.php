<?php

namespace Aldera\Letters;

interface LetterBuilder
{
    public function to(string $ship): self;

    public function about(string $what): self;

    public function build(): Letter;
}

final class Letter
{
    public function __construct(public readonly string $to, public readonly array $lines)
    {
    }
}

final class PortLetterBuilder implements LetterBuilder
{
    private string $to = '';
    private array $lines = [];

    public function to(string $ship): self
    {
        $this->to = $ship;

        return $this;
    }

    public function about(string $what): self
    {
        $this->lines[] = $what;

        return $this;
    }

    public function build(): Letter
    {
        return new Letter($this->to, $this->lines);
    }
}

final class Clerk
{
    public function __construct(private LetterBuilder $builder)
    {
    }

    public function warn(string $ship): Letter
    {
        return $this->builder->to($ship)->about('storm')->about('stay')->build();
    }
}

$clerk = new Clerk(new PortLetterBuilder());
