<?php
final class Invoice
{
    public function __construct(private string $to, private array $lines)
    {
    }
}

final class InvoiceBuilder
{
    private string $to = '';
    private array $lines = [];

    public function to(string $to): self
    {
        $this->to = $to;
        return $this;
    }

    public function add(string $line): self
    {
        $this->lines[] = $line;
        return $this;
    }

    public function build(): Invoice
    {
        return new Invoice($this->to, $this->lines);
    }
}

final class Purser
{
    public function bill(): Invoice
    {
        return (new InvoiceBuilder())->to('Ada')->add('rope')->build();
    }
}
