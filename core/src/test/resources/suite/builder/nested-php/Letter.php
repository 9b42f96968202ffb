<?php

namespace Post;

final class Letter
{
    private string $to;
    private string $text;
    private bool $registered;

    public function __construct(LetterBuilder $builder)
    {
        $this->to = $builder->to;
        $this->text = $builder->text;
        $this->registered = $builder->registered;
    }

    public static function to(string $name): LetterBuilder
    {
        return new LetterBuilder($name);
    }

    public function postage(): int
    {
        return strlen($this->text) > 100 ? 3 : ($this->registered ? 2 : 1);
    }
}

final class LetterBuilder
{
    public string $text = '';
    public bool $registered = false;

    public function __construct(public string $to)
    {
    }

    public function saying(string $text): static
    {
        $this->text .= $text;
        return $this;
    }

    public function registered(): static
    {
        $this->registered = true;
        return $this;
    }

    public function seal(): Letter
    {
        if ($this->text === '') {
            throw new \LogicException('an empty letter');
        }
        return new Letter($this);
    }
}
