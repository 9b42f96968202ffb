<?php

declare(strict_types=1);

namespace Aldera\Moorings;

use Aldera\Fees\{Fee, FeeTable};

interface Notices
{
    public function send(Mooring $mooring): void;
}

trait Stamped
{
    private ?\DateTimeImmutable $at = null;

    public function stamp(): static
    {
        $this->at = new \DateTimeImmutable();
        return $this;
    }
}

enum Kind: string
{
    case Buoy = 'buoy';
    case Quay = 'quay';

    public function fee(): Fee
    {
        return match ($this) {
            self::Buoy => new \Aldera\Fees\FlatFee(12),
            self::Quay => new \Aldera\Fees\LengthFee(3),
        };
    }
}

final class Mooring implements \SplSubject, \IteratorAggregate
{
    use Stamped;

    private \SplObjectStorage $observers;

    /** @var Line[] */
    private array $lines = [];

    public function __construct(
        private readonly Kind $kind,
        private Fee $fee,
        public ?Notices $notices = null,
    ) {
        $this->observers = new \SplObjectStorage();
    }

    public function attach(\SplObserver $observer): void
    {
        $this->observers->attach($observer);
    }

    public function detach(\SplObserver $observer): void
    {
        $this->observers->detach($observer);
    }

    public function notify(): void
    {
        foreach ($this->observers as $observer) {
            $observer->update($this);
        }
    }

    public function tie(Line $line): self
    {
        $this->lines[] = $line;
        $this->notices?->send($this);
        return $this->stamp();
    }

    public function getIterator(): \Iterator
    {
        foreach ($this->lines as $line) {
            yield $line;
        }
    }

    public function price(float $metres): float
    {
        return $this->fee->of($metres);
    }
}

final class Line
{
    public function __construct(public readonly string $colour)
    {
    }
}
