<?php
namespace Aldera\Calls;

interface Notice
{
    public function text(): string;
}

final class Arrival implements Notice
{
    private string $ship;

    public function __construct(string $ship)
    {
        $this->ship = $ship;
    }

    public function text(): string { return $this->ship . ' is in'; }
}

class Radio
{
    public function call(string $ship): Notice
    {
        return new Arrival($ship);
    }
}

class Switchboard
{
    private array $lines = [];

    public function call(string $line): string
    {
        $this->lines[] = $line;
        return end($this->lines);
    }
}

class Operator
{
    private $post;

    public function __construct($post)
    {
        $this->post = $post;
    }

    public function ring(string $who)
    {
        return $this->post->call($who);
    }
}

class Night
{
    public function watch(bool $quiet)
    {
        $operator = new Operator($quiet ? new Radio() : new Switchboard());
        return $operator->ring('Marea');
    }
}
