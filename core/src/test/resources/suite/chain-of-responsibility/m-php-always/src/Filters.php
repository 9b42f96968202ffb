<?php
namespace Aldera\Mail;

abstract class Filter
{
    private ?Filter $next = null;

    public function follow(Filter $next): Filter
    {
        $this->next = $next;
        return $next;
    }

    public function apply(Letter $letter): void
    {
        $this->work($letter);
        if ($this->next !== null) {
            $this->next->apply($letter);
        }
    }

    abstract protected function work(Letter $letter): void;
}

class StampFilter extends Filter
{
    protected function work(Letter $letter): void
    {
        $letter->stamped = true;
    }
}

class AddressFilter extends Filter
{
    private array $streets = ['Quay' => 1];

    protected function work(Letter $letter): void
    {
        $letter->box = $this->streets[$letter->street] ?? 0;
    }
}

class Letter
{
    public bool $stamped = false;
    public int $box = 0;

    public function __construct(public string $street)
    {
    }
}
