<?php
interface Clause
{
    public function read(): string;
}

final class Sentence implements Clause
{
    public function __construct(private string $text)
    {
    }

    public function read(): string
    {
        return $this->text;
    }
}

final class Contract implements Clause
{
    /** @var Clause[] */
    private array $clauses = [];

    public function add(Clause $clause): void
    {
        $this->clauses[] = $clause;
    }

    public function read(): string
    {
        $text = '';
        foreach ($this->clauses as $clause) {
            $text .= $clause->read();
        }
        return $text;
    }
}

final class Notary
{
    public function hear(Clause $clause): string
    {
        return $clause->read();
    }
}
